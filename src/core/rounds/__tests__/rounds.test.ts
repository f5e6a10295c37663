import { TEST_GARAGE } from '@/test/arbitraries';
import { fittedBody, rideBody, stamped, workBody, type Body } from '@/test/events';
import { Replay } from '@/core/care/replay/replay';
import type { Bike } from '@/core/records/garage';
import type { Notable } from '@/core/records/faults';
import { ROUNDS, type Round } from '@/core/records/rounds';
import {
  alongSentence,
  dueSentence,
  overdueSentence,
  roundName,
  roundsLine,
} from '@/core/words/roundLines';
import { roundSaid } from '@/core/words/rounds';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { METRIC } from '@/core/units/convert';
import { isDue, isOverdue, roundsOf, unwanted } from '../due';
import { ROUND_RULES } from '../table';

const DAY = 86_400_000;
const START = Date.UTC(2026, 0, 1, 10);
const at = (day: number) => new Date(START + day * DAY).toISOString();
const fitted = fittedBody(at(0));
const done = (day: number, round: Round): Body => ({
  type: 'roundDone',
  at: at(day),
  bikeId: 'b1',
  round,
  end: 'fine',
});
const wet = (day: number, km: number) => rideBody(at(day), 'b1', km, { weather: 'wet' });
const noted = (day: number, what: Notable, putRight = false): Body => ({
  type: 'partNoted',
  at: at(day),
  bikeId: 'b1',
  chainId: null,
  what,
  place: null,
  putRight,
});

const bike: Bike = {
  ...TEST_GARAGE.bikes.b1!,
  gear: 'derailleur',
  brake: 'disc, cable',
  drive: 'freewheel',
};
function played(day: number, bodies: Body[], off: Round[] = [], of = bike) {
  const garage = { ...TEST_GARAGE, bikes: { ...TEST_GARAGE.bikes, b1: of } };
  const { steps, book } = new Replay(garage, stamped([fitted, ...bodies]));
  const { leftOpen } = book.chains.get('c1')!;
  return roundsOf(steps, of, { now: START + day * DAY, off, chainId: 'c1', leftOpen });
}
const one = (round: Round, ...args: Parameters<typeof played>) =>
  played(...args).find((r) => r.round === round)!;

describe('what is due beside the chain', () => {
  it('counts weeks since it was done, else since the log began', () => {
    expect(one('tyres', 7, []).used).toBeCloseTo(1, 9);
    expect(isDue(one('tyres', 6.9, []))).toBe(false);
    expect(one('tyres', 10, [done(7, 'tyres')]).used).toBeCloseTo(3 / 7, 9);
    expect(one('tyres', 10, [done(7, 'tyres')]).last).toEqual({ at: START + 7 * DAY, end: 'fine' });
    // Another round's doing, or another bike's, is none of this one's.
    expect(
      one('tyres', 10, [done(7, 'bolts'), { ...done(7, 'tyres'), bikeId: 'b2' } as Body]).used,
    ).toBeCloseTo(10 / 7, 9);
  });

  it('counts kilometres by how wet the road was, and takes what is used up most', () => {
    const { exposure } = new Replay(TEST_GARAGE, stamped([fitted, wet(1, 100)])).steps[1]!;
    const share = exposure!.wetShare;
    expect(share).toBeGreaterThan(0.5);
    const pads = one('brake pads', 7, [wet(1, 200), wet(2, 200), rideBody(at(3), 'b1', 500)]);
    // 400 km in the wet of 300: more than one week of eight.
    expect(pads.by).toBe('wetKm');
    expect(pads.since.wetKm).toBeCloseTo(400 * share, 6);
    expect(isDue(pads)).toBe(400 * share >= 300);
    expect(one('brake pads', 8, [wet(1, 400), done(7, 'brake pads')]).since.wetKm).toBe(0);
  });

  it('counts degreaser where it comes near the bearings: brush, scrubber, or cogs that are cleaned as well', () => {
    const works = [
      workBody(at(1), 'c1', { method: 'brush' }),
      workBody(at(2), 'c1', { method: 'scrubber' }),
      workBody(at(3), 'c1', { method: 'baths' }),
      workBody(at(4), 'c1', { method: 'baths', cogsCleaned: true }),
      workBody(at(5), 'c1', { method: 'dry wipe' }),
    ];
    expect(one('pivots', 6, works).since.degreasings).toBe(3);
    expect(one('pivots', 6, works).by).toBe('degreasings');
    expect(one('pivots', 6, works).used).toBeCloseTo(3 / 4, 9);
  });

  it('a jockey wheel noted gritty is due at once, until it is put right or the round is done', () => {
    const gritty = noted(1, 'gritty lower jockey wheel');
    const bearings = (...bodies: Body[]) => one('jockey bearings', 5, bodies);
    expect(bearings(gritty)).toMatchObject({ by: 'noted', used: 1 });
    expect(played(5, [gritty])[0]!.round).toBe('jockey bearings');
    expect(isDue(bearings(gritty, noted(2, 'gritty lower jockey wheel', true)))).toBe(false);
    expect(isDue(bearings(gritty, done(2, 'jockey bearings')))).toBe(false);
    expect(isDue(bearings(done(0.5, 'jockey bearings'), gritty))).toBe(true);
    expect(isDue(bearings(noted(1, 'hooked teeth')))).toBe(false);
  });

  it('a jockey wheel left open at the bench is due too, until it is settled or its round is done', () => {
    const left = workBody(at(1), 'c1', { leftOpen: ['noise', 'jockey wheels'] });
    const settled = { type: 'settled', at: at(2), chainId: 'c1', what: 'jockey wheels' } as const;
    const bearings = (...bodies: Body[]) => one('jockey bearings', 5, bodies);
    expect(bearings(left)).toMatchObject({ by: 'noted', used: 1 });
    expect(isDue(bearings(left, settled))).toBe(false);
    expect(isDue(bearings(left, done(2, 'jockey bearings')))).toBe(false);
    expect(isDue(bearings(workBody(at(1), 'c1', { leftOpen: ['brakes'] })))).toBe(false);
    // Doing the round settles it, unless it is left for the workshop.
    const open = (...bodies: Body[]) =>
      new Replay(TEST_GARAGE, stamped([fitted, left, ...bodies])).book.chains.get('c1')!.leftOpen;
    expect(open()).toEqual(['noise', 'jockey wheels']);
    expect(open(done(2, 'jockey bearings'))).toEqual(['noise']);
    expect(open(done(2, 'tyres'))).toEqual(['noise', 'jockey wheels']);
    const shop: Body = { ...done(2, 'jockey bearings'), end: 'workshop' } as Body;
    expect(open(shop)).toEqual(['noise', 'jockey wheels']);
    expect(open({ ...done(2, 'jockey bearings'), bikeId: 'b2' } as Body)).toContain(
      'jockey wheels',
    );
  });

  it('is overdue when nobody took it along for half its time again, or something was noted', () => {
    expect(isOverdue(one('tyres', 10, []))).toBe(false);
    expect(isOverdue(one('tyres', 10.6, []))).toBe(true);
    expect(isOverdue(one('jockey bearings', 5, [noted(1, 'stiff upper jockey wheel')]))).toBe(true);
  });

  it('follows the school that oils the chain only', () => {
    const { workshop, rounds } = DEFAULT_SETTINGS;
    const chainOnly = {
      ...workshop,
      schools: { ...workshop.schools, pivots: 'chain only' as const },
    };
    expect(unwanted({ rounds, workshop })).toEqual([]);
    expect(unwanted({ rounds: { off: ['tyres'] }, workshop: chainOnly })).toEqual([
      ...['tyres', 'pivots'],
    ]);
  });

  it('leaves out what is switched off and what the bike has not', () => {
    const names = (more: Partial<Bike>, off: Round[] = []) =>
      played(5, [], off, { ...bike, ...more }).map((r) => r.round);
    expect(names({}, ['tyres'])).not.toContain('tyres');
    expect(names({ brake: 'rim' })).toEqual(expect.arrayContaining(['rims']));
    expect(names({ brake: 'rim' })).not.toContain('rotors');
    expect(names({ brake: 'drum or coaster', gear: 'hub', drive: 'coaster' }).sort()).toEqual(
      ['bolts', 'cables', 'cranks', 'tyres'].sort(),
    );
  });
});

describe('what is said of a round', () => {
  const kinds: Partial<Bike>[] = [
    { brake: 'rim' },
    { brake: 'disc, hydraulic', gear: 'single', drive: 'fixed' },
    { brake: 'drum or coaster', gear: 'hub', drive: 'coaster' },
  ];

  it('is whole sentences with a caution, and no word of what the bike has not', () => {
    for (const more of kinds)
      for (const round of ROUNDS) {
        const of = { ...bike, ...more };
        if (!ROUND_RULES[round].has(of)) continue;
        const { steps, caution } = roundSaid(round, of);
        expect(steps.length).toBeGreaterThan(0);
        for (const line of [...steps, caution]) expect(line).toMatch(/^[A-Z].*\.$/);
        const text = [...steps, caution].join(' ');
        if (of.gear !== 'derailleur') expect(text).not.toMatch(/derailleur|largest cog/);
      }
  });

  it('names what made it due', () => {
    expect(dueSentence(one('tyres', 14, []), METRIC)).toBe(
      '2 weeks in the log, and it was never noted.',
    );
    expect(dueSentence(one('tyres', 15, [done(7, 'tyres')]), METRIC)).toBe(
      '8 days since you last did it.',
    );
    expect(dueSentence(one('bolts', 7, []), METRIC)).toContain('It keeps a while yet.');
    expect(roundsLine([])).toBe('Slower rounds: brakes, tyres, bearings');
    const due = played(400, []).filter(isDue);
    expect(roundsLine(due.slice(0, 1))).toBe('Slower rounds due: tyres');
    expect(roundsLine(due)).toMatch(
      new RegExp(`^Slower rounds due: tyres, .* and ${due.length - 2} more$`),
    );
  });

  it('names what rides along with a job, and what is overdue', () => {
    const due = played(400, []).filter(isDue);
    expect(alongSentence([], bike)).toBeNull();
    expect(overdueSentence('Shed bike', [], bike)).toBeNull();
    expect(alongSentence(due.slice(0, 1), bike)).toBe('Due along with it: tyres (4 min).');
    expect(alongSentence(due, bike)).toMatch(new RegExp(` and ${due.length - 3} more\\.$`));
    expect(overdueSentence('Shed bike', due.slice(0, 1), bike)).toBe(
      'Shed bike is overdue for tyres.',
    );
    expect(roundName('freehub', { gear: 'single' })).toBe('Freewheel');
    expect(roundName('freehub', bike)).toBe('Freehub');
  });
});
