import { EVERY_CASE } from '@/test/cases';
import { commuterBands, missed, riderBands, routineBands } from '../bands';

/** docs/audit.md prints the same bands with their figures, and says where each comes from. */
describe('a standing audit: advice stays within what the trade and common sense allow', () => {
  it('for chains cared for by a routine, in a mixed year', () => {
    expect(missed(routineBands())).toEqual([]);
  });

  it(`for ${EVERY_CASE ? 'riders who do' : 'a rain commuter who does'} what the verdict says, with each lube`, () => {
    expect(missed(EVERY_CASE ? riderBands() : commuterBands())).toEqual([]);
  }, 120_000);
});
