import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { DEFAULT_SETTINGS } from '../../settings/defaults';
import { UNSAFE_CAUSES, type Cause, type FaultState, type Followed } from '../../records/faults';
import { notToRideSentence } from '../../words/notToRide';
import type { LogEvent } from '../../records/event';
import { learntFor } from '../replay/bookState';
import { Replay } from '../replay/replay';
import { reportOn } from '../verdict/report';

const day = (n: number, hour = '08') => `2026-06-${String(n).padStart(2, '0')}T${hour}:00:00.000Z`;
const NOW = Date.parse(day(29));
const fit = (n: number, chainId: string, bikeId: string): Body => ({
  type: 'chainFitted',
  at: day(n),
  chainId,
  bikeId,
  start: { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
});
const found = (
  n: number,
  cause: Cause,
  state: FaultState,
  chainId: string | null = null,
  bikeId = 'b1',
): Body => ({
  type: 'faultFound',
  at: day(n, '10'),
  bikeId,
  chainId,
  noise: 'click',
  cause,
  place: null,
  showed: null,
  state,
});
/** Ids of test events are e0, e1, … in the order given. */
const followed = (n: number, fault: string, outcome: Followed): Body => ({
  type: 'faultFollowed',
  at: day(n, '12'),
  bikeId: 'b1',
  fault,
  outcome,
});
const faultsOf = (bikeId: string, ...bodies: Body[]) =>
  reportOn(new Replay(TEST_GARAGE, stamped(bodies)), bikeId, DEFAULT_SETTINGS, NOW)!.faults.map(
    ({ found: { cause }, putRight, ridden }) => ({ cause, putRight, ridden }),
  );
const START = fit(1, 'c1', 'b1');

describe('faults that were found', () => {
  it('stay to do until they are put right; a ride says nothing of them before', () => {
    const toDo = found(2, 'bad tooth', 'to do');
    const open = { cause: 'bad tooth', putRight: false, ridden: false };
    expect(faultsOf('b1', START, toDo, rideBody(day(3), 'b1', 30))).toEqual([open]);
    const done = followed(4, 'e1', 'put right');
    expect(faultsOf('b1', START, toDo, done)).toEqual([{ ...open, putRight: true }]);
  });

  it('are asked about once, after the next ride on that bike', () => {
    const mended = found(2, 'bad tooth', 'put right');
    const put = { cause: 'bad tooth', putRight: true, ridden: false };
    const onOther = rideBody(day(3), 'b2', 30);
    expect(faultsOf('b1', START, fit(1, 'c2', 'b2'), mended, onOther)).toEqual([put]);
    expect(faultsOf('b1', START, mended, rideBody(day(2, '09'), 'b1', 30))).toEqual([put]);
    const ridden = [START, mended, rideBody(day(3), 'b1', 30)];
    expect(faultsOf('b1', ...ridden)).toEqual([{ ...put, ridden: true }]);
    for (const outcome of ['gone', 'better', 'same', 'cannot tell'] as const)
      expect(faultsOf('b1', ...ridden, followed(4, 'e1', outcome))).toEqual([]);
  });

  it('of a chain go where the chain goes; those of the bike stay', () => {
    const log = [
      START,
      found(2, 'stiff link', 'to do', 'c1'),
      found(2, 'loose crank parts', 'to do'),
      fit(5, 'c2', 'b1'),
      { ...fit(6, 'c1', 'b2'), start: null },
    ];
    const causes = (bikeId: string) => faultsOf(bikeId, ...log).map(({ cause }) => cause);
    expect(causes('b1')).toEqual(['loose crank parts']);
    expect(causes('b2')).toEqual(['stiff link']);
  });

  it('that are not known are not followed', () => {
    expect(faultsOf('b1', START, followed(3, 'nobody', 'put right'))).toEqual([]);
  });

  it('are the same however the log grew', () => {
    const log = stamped([
      START,
      found(2, 'bad tooth', 'put right'),
      ...Array.from({ length: 60 }, (_, n) => rideBody(day(3 + (n % 20)), 'b1', 20)),
      followed(25, 'e1', 'gone'),
      found(26, 'dry freehub', 'workshop'),
    ]);
    const grown = new Replay(TEST_GARAGE, log.slice(40));
    grown.add(log.slice(0, 40));
    expect(grown.book.faults).toEqual(new Replay(TEST_GARAGE, log).book.faults);
    expect([...grown.book.faults.values()].map((f) => f.found.cause)).toEqual(['dry freehub']);
  });

  it('are open again where the word that they are put right is taken back, long ago as it was', () => {
    const log = stamped([
      START,
      found(2, 'bad tooth', 'to do'),
      ...Array.from({ length: 40 }, (_, n) => rideBody(day(3 + (n % 5)), 'b1', 20)),
      followed(25, 'e1', 'put right'),
      rideBody(day(26), 'b1', 20),
    ]);
    const replay = new Replay(TEST_GARAGE, log);
    const open = () => [...replay.book.faults.values()].map((f) => [f.putRight, f.ridden]);
    expect(open()).toEqual([[true, true]]);
    const [word] = log.filter((e) => e.type === 'faultFollowed');
    const struck = { ...word!, type: 'eventStruck' as const, id: 'x', target: word!.id };
    replay.add([struck as unknown as LogEvent]);
    expect(open()).toEqual([[false, false]]);
  });

  it('keep a bike off the road as long as they can throw the rider', () => {
    const said = (cause: Cause, state: FaultState) => {
      const log = stamped([START, found(2, cause, state)]);
      const { state: chain, faults } = reportOn(
        new Replay(TEST_GARAGE, log),
        'b1',
        DEFAULT_SETTINGS,
        NOW,
      )!;
      return notToRideSentence(chain.leftOpen, faults);
    };
    for (const cause of UNSAFE_CAUSES) {
      expect(said(cause, 'to do')).toMatch(/^Do not ride: .*\.$/);
      expect(said(cause, 'workshop')).toMatch(/^Do not ride: /);
      expect(said(cause, 'put right')).toBeNull();
    }
    expect(said('stiff link', 'to do')).toBeNull();
  });

  it('move nothing of the chain', () => {
    const log = [START, rideBody(day(2), 'b1', 60)];
    const more = [...log, found(3, 'dirty chain', 'put right', 'c1')];
    const state = (bodies: Body[]) =>
      new Replay(TEST_GARAGE, stamped(bodies)).book.chains.get('c1');
    expect(state(more)).toEqual(state(log));
  });
});

describe('a squeak that was not the chain’s', () => {
  const log = (sound: 'squeak' | 'not the chain' | null): Body[] => [
    START,
    workBody(day(2), 'c1', { lube: { lubeClass: 'wet', coat: 1, wiped: true } }),
    rideBody(day(3), 'b1', 90),
    ...(sound ? [{ type: 'soundHeard' as const, at: day(4), chainId: 'c1', sound }] : []),
    workBody(day(5), 'c1', { lube: { lubeClass: 'wet', coat: 1, wiped: true } }),
    rideBody(day(6), 'b1', 20),
  ];
  const after = (sound: Parameters<typeof log>[0]) => {
    const { book } = new Replay(TEST_GARAGE, stamped(log(sound)));
    return { learnt: learntFor(book, 'b1', 'wet'), chain: book.chains.get('c1') };
  };

  it('is not said of the chain either', () => {
    const { book } = new Replay(TEST_GARAGE, stamped(log('not the chain').slice(0, 4)));
    expect(book.chains.get('c1')!.heard).toBeNull();
  });

  it('teaches nothing of its lube, and leaves the coat as it was reckoned', () => {
    expect(after('not the chain')).toEqual(after(null));
    expect(after('squeak').learnt).not.toEqual(after(null).learnt);
  });
});
