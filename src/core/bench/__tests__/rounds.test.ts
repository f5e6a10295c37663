import { PRESETS } from '@/core/garage/presets';
import { atBenchRound, roundSeenSentence } from '@/core/words/rounds';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { atBench, WANTED } from '@/test/atBench';
import { jobOf } from '@/test/bench';
import { takesRounds } from '../addOns';
import { offers, usualWanted } from '../offer';
import { procedure } from '../procedure';
import { workDoneOf } from '../result';
import type { Mark, Run } from '../run';
import { eventsOf } from '../runEvents';
import { timelineOf } from '../timeline';

const road = { ...PRESETS.road.specs, name: 'Road bike' };
const tyres = atBenchRound({ round: 'tyres', minutes: 4 }, road);
const pads = atBenchRound({ round: 'brake pads', minutes: 3 }, road);
const job = jobOf({ rounds: [tyres, pads] });

/** A session in which every step was done, but for some. */
function runOf(left: Partial<Record<string, readonly Mark['kind'][]>> = {}): Run {
  const marks = procedure(job).flatMap((s, n) =>
    (left[s.id] ?? ['done']).map((kind): Mark => ({
      ...{ step: s.id, kind, at: (n + 1) * 60_000, swatch: null, why: '' },
    })),
  );
  return {
    ...{ version: 2, chainId: 'c1', bottleId: null, underId: null, cleanerId: null, startedAt: 0 },
    ...{ marks, acknowledged: [], coat: 1, note: '', job },
  };
}
const ended = (run: Run, bikeId: string | null = 'b1') =>
  eventsOf(run, workDoneOf(run, {}, 0), bikeId).flatMap((e) =>
    e.type === 'roundDone' ? [[e.round, e.end, e.bikeId]] : [],
  );

describe('slower rounds at the bench', () => {
  it('come before the bike is set down, each thing a step, in the minutes they take', () => {
    const ids = procedure(job).map((s) => s.id);
    expect(ids).toContain('round tyres 1');
    expect(procedure(job).find((s) => s.id === 'round tyres 1')?.materials[0]).toMatch(/^pump/);
    expect(ids.indexOf('round brake pads')).toBeLessThan(ids.indexOf('set down'));
    const more = timelineOf(procedure(job)).handsOn - timelineOf(procedure(jobOf())).handsOn;
    expect(more).toBeCloseTo(7, 6);
    expect(['wipe-down', 'swap', 'new chain'].every((d) => takesRounds(d as 'swap'))).toBe(true);
    expect(['roadside', 'thin coat'].some((d) => takesRounds(d as 'roadside'))).toBe(false);
  });

  it('go along with what is offered at the bench, and with nothing done in haste', () => {
    const list = offers(atBench(), { ...WANTED, rounds: [tyres] });
    const of = (depth: string) => list.find((o) => o.depth === depth)!.job.rounds;
    expect(of('wipe-down')).toEqual([tyres]);
    expect(of('roadside')).toEqual([]);
    const { workshop } = DEFAULT_SETTINGS;
    const wet = { lube: 'wet', bottleId: null } as const;
    expect(usualWanted(wet, { ...workshop, tools: ['scrubber'] }).clean).toBe('scrubber');
    expect(usualWanted(wet, { ...workshop, tools: ['brushes'] })).toEqual(WANTED);
  });

  it('may be skipped, and end as they were found', () => {
    expect(procedure(job).find((s) => s.id === 'round tyres')?.closing).toBe(false);
    expect(ended(runOf())).toEqual([
      ['tyres', 'fine', 'b1'],
      ['brake pads', 'fine', 'b1'],
    ]);
    const other = runOf({
      'round tyres': ['failed', 'done'],
      'round brake pads': ['failed', 'left open'],
    });
    expect(ended(other)).toEqual([
      ['tyres', 'put right', 'b1'],
      ['brake pads', 'workshop', 'b1'],
    ]);
    expect(roundSeenSentence({ round: 'tyres', end: 'workshop' }, road)).toBe(
      'Tyres: looked at, and left for a workshop.',
    );
    expect(ended(runOf({ 'round tyres': ['skipped'] }))).toEqual([['brake pads', 'fine', 'b1']]);
    expect(ended(runOf(), null)).toEqual([]);
  });
});
