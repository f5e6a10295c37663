import fc from 'fast-check';
import { DROP_IN_SIDES } from '@/core/wear/tools';
import { readWearDraft, wearDraftOf, type WearDraft } from '../wear';

const NOW = Date.parse('2026-11-24T10:00:00.000Z');
const AT = '2026-11-20T10:00:00.000Z';
const common = { id: 'r', zone: 'Europe/London', recordedAt: AT, type: 'wearRead', chainId: 'c1' } as const; // prettier-ignore

/** A reading as it was entered, stored, and shown again in its form. */
function again(draft: WearDraft) {
  const read = readWearDraft(draft, NOW);
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  const { reading, at } = read.value;
  const shown = wearDraftOf({ ...common, at, ...reading });
  const next = readWearDraft(shown, NOW);
  if (!next.ok) throw new Error(JSON.stringify(next.problems));
  return { reading, shown, next: next.value };
}
const draft = (more: Partial<WearDraft>): WearDraft => ({
  by: 'ruler mm',
  dropsIn: 'none',
  first: '',
  second: '',
  third: '',
  at: AT,
  ...more,
});

describe('a reading opened again', () => {
  it.each([
    ['ruler mm', 304.8, 311],
    ['ruler in', 0, 4],
    ['calliper', 119.3, 121.8],
    ['scale', 0, 2],
  ] as const)('with a %s is what it was', (by, low, high) =>
    fc.assert(
      fc.property(fc.double({ min: low, max: high, noNaN: true }), (value) => {
        const { reading, next } = again(draft({ by, first: value.toFixed(2) }));
        expect(next.at).toBe(AT);
        expect(next.reading.tool).toBe(reading.tool);
        expect(Math.abs(next.reading.percent - reading.percent)).toBeLessThan(0.006);
      }),
    ),
  );

  it.each(['none', ...DROP_IN_SIDES] as const)(
    'with a checker whose side %s dropped in is what it was',
    (dropsIn) => {
      const { reading, shown, next } = again(draft({ by: 'drop-in', dropsIn }));
      expect(shown.dropsIn).toBe(dropsIn);
      expect(next.reading).toEqual(reading);
    },
  );

  it('of three places shows their mean in one', () => {
    const { shown } = again(draft({ first: '306', second: '306.4', third: '306.2' }));
    expect([shown.first, shown.second]).toEqual(['306.2', '']);
  });
});
