import type { ReplayStep } from '@/core/care/replay/step';
import type { Bike } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { meetingOn, togetherOf } from '../together';
import type { PartStory } from '../parts';

/** Both rules are common practice: a new chain skips on worn cogs, a worn chain ruins new ones. */
describe('a chain and a cassette', () => {
  const cogs = (share: number, worstChain = 0) => ({ share, worstChain });
  it.each([
    ['new on new', 0, cogs(0), 0, []],
    ['new on a cassette of one chain', 0.05, cogs(0.34, 0.5), 0, []],
    ['new on a cassette near its end', 0.1, cogs(0.8, 0.5), 0, ['new chain on worn cogs']],
    // So long a new chain may be made: ISO 9633, 0 to +0.15 % (from memory).
    ['as long as a new one may be made', 0.15, cogs(0.8, 0.5), 0, ['new chain on worn cogs']],
    ['a little longer', 0.16, cogs(0.8, 0.5), 0, []],
    ['new on one that ran with a worn chain', 0, cogs(0.5, 0.75), 0, ['new chain on worn cogs']],
    ['new on one nothing is known of', 0, null, 0.4, []],
    ['new where a worn one ran last', 0, null, 0.75, ['new chain on worn cogs']],
    ['new where a worn one ran before this cassette', 0, cogs(0, 0), 0.9, []],
    ['half worn on a worn cassette, which know each other', 0.3, cogs(0.9, 0.7), 0, []],
    ['worn on new', 0.5, cogs(0.05), 0, ['worn chain on new cogs']],
    ['worn on used', 0.6, cogs(0.5), 0, ['worn chain']],
    ['worn on one nothing is known of', 0.6, null, 0.6, ['worn chain']],
  ])('%s', (_, chain, cassette, worstChain, expected) => {
    expect(togetherOf({ chain, limit: 0.5, cassette, worstChain })).toEqual(expected);
  });

  it('are met on their bike: its own cassette, and the chain ridden there last', () => {
    const ride = (bikeId: string, wear: number) =>
      ({ event: { type: 'rideLogged' }, bikeId, after: { wear } }) as unknown as ReplayStep;
    const steps = [ride('b1', 0.7), ride('b1', 0.8), ride('b2', 0.1)];
    const of = (bikeId: string | null, kind: string) =>
      ({ bikeId, part: { kind }, share: 0.2 }) as unknown as PartStory;
    const own = of('b1', 'cassette');
    const b1 = TEST_GARAGE.bikes.b1 as Bike;
    expect(meetingOn(steps, [of('b2', 'cassette'), of('b1', 'ring'), own], b1, 0.02)).toEqual({
      chain: 0.02,
      limit: 0.5,
      cassette: own,
      worstChain: 0.8,
    });
    expect(meetingOn([], [of(null, 'cassette')], b1, 0)).toMatchObject({
      cassette: null,
      worstChain: 0,
    });
  });
});
