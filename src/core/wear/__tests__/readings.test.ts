import fc from 'fast-check';
import { Replay } from '@/core/care/replay/replay';
import { readWearDraft, type WearDraft } from '@/core/entry/wear';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { PlainEvent } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { cases } from '@/test/cases';
import { rideBody, stamped, type Body } from '@/test/events';
import { wearOutlook } from '../outlook';

const START = Date.parse('2026-01-01T08:00:00.000Z');
const at = (day: number) => new Date(START + day * 86_400_000).toISOString();
const NOW = START + 200 * 86_400_000;
const fit = (day: number, chainId: string): Body => ({
  type: 'chainFitted',
  at: at(day),
  bikeId: 'b1',
  chainId,
  start: { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
});
const ride = (day: number, km: number): Body => rideBody(at(day), 'b1', km);
const reading = (day: number, percent: number, chainId = 'c1'): Body => ({
  type: 'wearRead',
  at: at(day),
  chainId,
  tool: 'checker',
  percent,
});

/** A life of a chain: rides and readings on days of their own. */
const life = fc
  .array(
    fc.record({
      km: fc.integer({ min: 10, max: 120 }),
      percent: fc.option(fc.double({ min: 0, max: 0.9, noNaN: true })),
    }),
    { minLength: 2, maxLength: 20 },
  ) // prettier-ignore
  .map((days): Body[] => [
    fit(0, 'c1'),
    ...days.flatMap(({ km, percent }, n) => [
      ride(n + 1, km),
      ...(percent === null ? [] : [reading(n + 1.3, percent)]),
    ]),
  ]);

/** What is believed of c1 after events written down in some order, through the log's own months. */
const believed = (events: readonly PlainEvent[]) => {
  const replay = new Replay(TEST_GARAGE, allEvents(addEvents({}, events)));
  const { chains, bikes } = TEST_GARAGE;
  return { replay, outlook: wearOutlook(replay.steps, chains.c1!, bikes.b1!, NOW)! };
};

describe('what is read of a chain', () => {
  it('comes to one answer, in whatever order it is written down', () =>
    fc.assert(
      fc.property(
        life.chain((bodies) => fc.tuple(fc.constant(bodies), fc.shuffledSubarray([...bodies.keys()], { minLength: bodies.length }))), // prettier-ignore
        ([bodies, order]) => {
          const events = stamped(bodies);
          const one = believed(events).outlook;
          const other = believed(order.map((n) => events[n]!)).outlook;
          expect(other.state).toEqual(one.state);
          expect(other.foresight).toEqual(one.foresight);
        },
      ),
      { numRuns: cases(100) },
    ));

  it('is the same in inches and millimetres, and so is all that is said from it', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 4, noNaN: true }), (sixteenths) => {
        // Longer than a foot by so many sixteenths of an inch of 25.4 mm.
        const mm = 304.8 + (sixteenths * 25.4) / 16;
        const draft = (by: WearDraft['by'], first: string): WearDraft => ({ by, dropsIn: 'none', first, second: '', third: '', at: at(3) }); // prettier-ignore
        const [inches, metric] = [draft('ruler in', String(sixteenths)), draft('ruler mm', String(mm))].map((d) => readWearDraft(d, NOW)); // prettier-ignore
        if (!inches?.ok || !metric?.ok) throw new Error(`${sixteenths} is not read`);
        const outlook = ({ percent, sd }: { percent: number; sd: number }) =>
          believed(stamped([fit(0, 'c1'), ride(1, 80), { ...reading(3, percent), sd } as Body])).outlook; // prettier-ignore
        const [a, b] = [outlook(inches.value.reading), outlook(metric.value.reading)];
        expect(a.state.wear).toBeCloseTo(b.state.wear, 6);
        expect(a.foresight.mid).toBeCloseTo(b.foresight.mid, -1);
        expect(a.past).toBeCloseTo(b.past, 6);
      }),
      { numRuns: cases(60) },
    ));

  it('leaves a retired chain as it was, whatever happens later on its bike', () =>
    fc.assert(
      fc.property(life, life, (before, after) => {
        const garage = {
          ...TEST_GARAGE,
          chains: { ...TEST_GARAGE.chains, c1: { ...TEST_GARAGE.chains.c1!, retired: true } },
        };
        // Another chain is fitted, ridden and read; the retired one lies in a box.
        const later = after.slice(1).map((body) => ({
          ...body,
          at: new Date(Date.parse(body.at) + 40 * 86_400_000).toISOString(),
          ...('chainId' in body ? { chainId: 'c2' } : {}),
        })) as Body[];
        const stateOf = (bodies: Body[]) => {
          const { book } = new Replay(garage, stamped(bodies));
          return book.chains.get('c1')!;
        };
        const lies = [...before, fit(38, 'c2')];
        expect(stateOf([...lies, ...later])).toEqual(stateOf(lies));
      }),
      { numRuns: cases(60) },
    ));
});
