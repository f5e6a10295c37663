import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { ANY_MACHINE } from '@/test/faultyBikes';
import { METRIC } from '@/core/units/convert';
import { CAUSES, NOTABLE, type Cause, type Followed, type Notable } from '../../records/faults';
import { noteText, repeatText } from '../../words/faults/found';
import { countsOf, findingsOn, isOfTheChain, misheard, repeatOf } from '../history';
import { notesOn } from '../notes';
import { CAUSE_FACTS } from '../causes/causes';
import { normalised, sharesOf } from '../odds';
import { foundBefore, notedBefore } from '../remembered';
import { writtenFault, writtenNote } from '../writing';

const day = (n: number, hour = '08') => `2026-06-${String(n).padStart(2, '0')}T${hour}:00:00.000Z`;
const found = (n: number, cause: Cause, bikeId = 'b1'): Body => ({
  type: 'faultFound',
  at: day(n),
  bikeId,
  chainId: null,
  noise: null,
  cause,
  place: null,
  showed: null,
  state: 'put right',
});
const followed = (n: number, fault: string, outcome: Followed): Body => ({
  type: 'faultFollowed',
  at: day(n),
  bikeId: 'b1',
  fault,
  outcome,
});
const noted = (
  n: number,
  what: Notable,
  more: Partial<Extract<Body, { type: 'partNoted' }>> = {},
): Body => ({
  type: 'partNoted',
  at: day(n),
  bikeId: 'b1',
  chainId: what === 'stiff link' ? 'c1' : null,
  what,
  place: null,
  putRight: false,
  ...more,
});

describe('causes found before', () => {
  const log = stamped([
    found(1, 'packed ring'),
    rideBody(day(2), 'b1', 40),
    rideBody(day(3), 'b2', 99),
    found(4, 'packed ring'),
    rideBody(day(5), 'b1', 30),
    found(6, 'bad tooth'),
    followed(7, 'e5', 'same'),
    found(8, 'dry freehub', 'b2'),
  ]);

  it('are those of the bike, less what sounded the same after', () => {
    expect(findingsOn(log, 'b1').map(({ cause }) => cause)).toEqual(['packed ring', 'packed ring']);
    expect([...countsOf(findingsOn(log, 'b1'))]).toEqual([['packed ring', 2]]);
  });

  it('are told as such: how often, when last, how far ago', () => {
    const repeat = repeatOf(log, 'b1', 'packed ring')!;
    expect(repeat).toMatchObject({ times: 2, last: { id: 'e3' }, km: 30 });
    expect(repeatText(repeat, METRIC)).toMatch(
      /^Found on this bike twice before, last on 4 June, 30 km ago\./,
    );
    expect(repeatOf(log, 'b1', 'bad tooth')).toBeNull();
  });

  it('are likelier by the Dirichlet rule: the table as twenty findings, and the rider’s own', () => {
    const shares = sharesOf(ANY_MACHINE);
    const counts = new Map<Cause, number>([
      ['packed ring', 2],
      ['dry chain', 1],
    ]);
    const factors = new Map(
      foundBefore(counts, (c) => shares.get(c) ?? 0).map((m) => [m.causes[0], m.factor]),
    );
    const after = normalised(
      [...shares].map(([c, share]) => [c, share * (factors.get(c) ?? 1)] as const),
    );
    for (const [cause, share] of shares)
      expect(after.get(cause)).toBeCloseTo((20 * share + (counts.get(cause) ?? 0)) / 23, 9);
  });

  it('that this bike cannot have count for nothing', () => {
    expect(foundBefore(new Map([['packed ring', 2]]), () => 0)).toEqual([]);
  });
});

describe('what is noted of parts', () => {
  it('stands until it is put right, each place by itself, a link with its chain', () => {
    const at37 = { links: 37, side: 'drive side' } as const;
    const log = stamped([
      noted(1, 'packed ring'),
      noted(2, 'stiff link', { place: at37 }),
      noted(3, 'stiff link', { place: { ...at37, links: 5 } }),
      noted(4, 'packed ring', { putRight: true }),
      noted(5, 'stiff link', { place: at37, putRight: true }),
      noted(6, 'bent hanger', { bikeId: 'b2' }),
    ]);
    const on = (bikeId: string, chainId: string) =>
      notesOn(log, { bikeId, chainId }).map(({ id }) => id);
    expect(on('b1', 'c1')).toEqual(['e2']);
    expect(on('b1', 'c2')).toEqual([]);
    expect(on('b2', 'c1')).toEqual(['e2', 'e5']);
    expect(noteText(notesOn(log, { bikeId: 'b1', chainId: 'c1' })[0]!)).toBe(
      'A stiff link, 5 links on, drive side, noted on 3 June',
    );
  });

  it('makes what it may become likelier, once a cause', () => {
    const log = stamped([
      noted(1, 'gritty upper jockey wheel'),
      noted(2, 'gritty lower jockey wheel'),
      ...NOTABLE.map((what) => noted(3, what)),
    ]);
    const moved = notedBefore(notesOn(log, { bikeId: 'b1', chainId: 'c1' }));
    const causes = moved.flatMap((m) => m.causes);
    expect(new Set(causes).size).toBe(causes.length);
    expect(causes).toContain('dirty jockey wheels');
    for (const { factor } of moved) expect(factor).toBeGreaterThan(1);
  });

  it('goes into the log with its chain where it is of one', () => {
    const on = { bike: { id: 'b1' }, chain: { id: 'c1' } } as Parameters<typeof writtenNote>[0];
    const note = (what: Notable) =>
      writtenNote(on, { what, place: null, putRight: false }, day(1)).chainId;
    expect([note('stiff link'), note('hooked teeth')]).toEqual(['c1', null]);
  });
});

describe('a finding as it goes into the log', () => {
  const coat = { lube: { lubeClass: 'wet', coat: 1, wiped: true } } as const;
  const heard = (n: number, sound: 'squeak' | 'click', chainId = 'c1'): Body => ({
    type: 'soundHeard',
    at: day(n),
    chainId,
    sound,
  });
  const log = stamped([
    heard(1, 'squeak'),
    workBody(day(2), 'c1', coat),
    heard(3, 'squeak'),
    heard(4, 'click'),
    workBody(day(5), 'c1'),
    heard(6, 'squeak', 'c2'),
    heard(7, 'squeak'),
  ]);
  const ids = (cause: Cause) => misheard(log, 'c1', cause).map(({ id }) => id);

  it('takes back the squeaks of the coat that it explains otherwise, and no other note', () => {
    expect(ids('dry jockey bearing')).toEqual(['e2', 'e6']);
    expect(ids('stiff link')).toEqual(['e2', 'e6']);
    expect([...ids('dry chain'), ...ids('rusted chain')]).toEqual([]);
  });

  it('names the chain where the cause lies in it', () => {
    const on = { bike: { id: 'b1' }, chain: { id: 'c1' } } as Parameters<typeof writtenFault>[0];
    const finding = { noise: 'squeak', place: null, showed: null, state: 'put right' } as const;
    const written = (cause: Cause) => writtenFault(on, log, { ...finding, cause }, day(9));
    expect(written('stiff link').event).toMatchObject({ chainId: 'c1', bikeId: 'b1', at: day(9) });
    const jockey = written('dry jockey bearing');
    expect(jockey.event.chainId).toBeNull();
    expect(jockey.amendments.map(({ target, replacement }) => [target.id, replacement])).toEqual([
      ['e2', { ...log[2], sound: 'not the chain' }],
      ['e6', { ...log[6], sound: 'not the chain' }],
    ]);
    expect(CAUSES.filter(isOfTheChain)).toHaveLength(14);
    expect(CAUSES.every((cause) => CAUSE_FACTS[cause].prior > 0)).toBe(true);
  });
});
