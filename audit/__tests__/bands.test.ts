import { missed, riderBands, routineBands } from '../bands';

/** docs/audit.md prints the same bands with their figures, and says where each comes from. */
describe('a standing audit: advice stays within what the trade and common sense allow', () => {
  it('for chains cared for by a routine, in a mixed year', () => {
    expect(missed(routineBands())).toEqual([]);
  });

  it('for riders who do what the verdict says, with each lube', () => {
    expect(missed(riderBands())).toEqual([]);
  }, 120_000);
});
