import { readWearDraft, type WearDraft } from '../wear';

const NOW = Date.parse('2026-11-24T10:00:00.000Z');
const draft = (more: Partial<WearDraft>): WearDraft => ({
  by: 'ruler mm',
  dropsIn: 'none',
  first: '306.3',
  second: '',
  third: '',
  at: '2026-11-24T09:00:00.000Z',
  ...more,
});
const problems = (more: Partial<WearDraft>) => {
  const read = readWearDraft(draft(more), NOW);
  return read.ok ? {} : read.problems;
};

describe('the form of a reading of wear', () => {
  it('is read with one place or three, with a comma too', () => {
    const one = readWearDraft(draft({ first: '306,3' }), NOW);
    expect(one).toMatchObject({ ok: true, value: { reading: { tool: 'ruler', percent: 0.492 } } });
    const three = readWearDraft(draft({ second: '306.3', third: ' 306.3 ' }), NOW);
    expect(three.ok && three.value.reading.sd).toBeLessThan(one.ok ? one.value.reading.sd : 0);
  });

  it('a checker that drops in needs no figure', () => {
    const read = readWearDraft(draft({ by: 'drop-in', dropsIn: 0.75, first: '' }), NOW);
    expect(read).toMatchObject({ ok: true, value: { reading: { between: [0.75, 1] } } });
  });

  it('says beside each field what is wrong', () => {
    expect(problems({ first: '' })).toEqual({ first: { code: 'number/missing' } });
    expect(problems({ first: '30.6', second: 'x' })).toMatchObject({
      first: { code: 'amount/impossible', low: 304, high: 314 },
      second: { code: 'number/not-a-number' },
    });
    expect(problems({ by: 'calliper', first: '12' })).toMatchObject({ first: { low: 119 } });
    expect(problems({ at: null })).toEqual({ at: { code: 'date/missing' } });
    expect(problems({ by: 'drop-in', at: '2027-01-01T00:00:00.000Z' })).toEqual({
      at: { code: 'date/future' },
    });
  });
});
