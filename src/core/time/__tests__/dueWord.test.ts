import { dayWord, dueWord } from '../dates';

describe('a likely day', () => {
  it.each([
    ['2026-11-24', 'today'],
    ['2026-11-25', 'tomorrow'],
    ['2026-11-30', 'Monday'],
    ['2026-12-01', '1 December'],
    ['2026-12-14', '14 December'],
    ['2026-12-15', 'mid December'],
    ['2026-12-20', 'mid December'],
    ['2026-12-21', 'late December'],
    ['2027-01-10', 'early January'],
    ['2027-01-11', 'mid January'],
  ])('%s is said on 24 November as %s', (date, word) => {
    expect(dueWord(date, '2026-11-24')).toBe(word);
  });

  it('of the past is its date, since its weekday would be that of another week', () => {
    expect(dayWord('2026-11-23', '2026-11-24')).toBe('Yesterday');
    expect(dayWord('2026-11-19', '2026-11-24')).toMatch(/19 Nov/);
  });
});
