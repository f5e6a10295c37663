import fc from 'fast-check';
import { anyJob } from '@/test/bench';
import { cases } from '@/test/cases';
import { isWax } from '@/core/lube/classes';
import { sayCaution } from '../../words/cautions';
import { helpWith } from '../../words/trouble';
import { closesAs, comesOff, cranksDrive, hasDisc, isHydraulic, mustStrip, type Job } from '../job';
import { liesOf } from '../prepare';
import { refusal } from '../refusal';
import { procedure } from '../procedure';
import { firstFault } from '../simulate';
import type { BenchStep } from '../steps';
import { materialsOf, timelineOf } from '../timeline';
import { TROUBLES, troublesOf } from '../trouble';

/** What is done with the bike on its wheels. */
const AFTER_SET_DOWN = ['set down', 'load', 'battery', 'brakes', 'first ride'];

const holds = (rule: (steps: BenchStep[], job: Job) => void, numRuns = 400) =>
  fc.assert(
    fc.property(anyJob, (job) => {
      fc.pre(refusal(job) === null);
      rule(procedure(job), job);
    }),
    { seed: 1411, numRuns: cases(numRuns) },
  );
const TURNS = ['turn back', 'move on by hand', 'pedal forwards', 'jockeys by crank'];
const at = (steps: readonly BenchStep[], id: string) => steps.findIndex((s) => s.id === id);
/** A drop of light oil on the pivots, as a step of its own or in a round of the bike: it takes no gloves. */
const isPivots = ({ id }: BenchStep) => id === 'pivots' || id.startsWith('round pivots');
const textOf = (s: BenchStep) =>
  `${s.what} ${s.why} ${s.check?.ask ?? ''} ${s.check?.failWhy ?? ''}`;

describe('a procedure on the bike in front of the rider', () => {
  it('can be done step by step and leaves the bike ready to ride: 20,000 random jobs', () => {
    holds((steps, job) => {
      const fault = firstFault(job, steps);
      if (fault) throw new Error(`${JSON.stringify(fault)}\n${steps.map((s) => s.id).join(', ')}`);
    }, 20_000);
  }, 240_000);

  it('says of this bike only what it has, and asks for no move it cannot make', () =>
    holds((steps, job) => {
      const { bike, workshop } = job;
      // In a swap one chain is opened and another closed.
      const closures = [job.chain.closure, closesAs(job).closure];
      const never: [RegExp, boolean][] = [
        [/derailleur|jockey|freehub|cassette|\bshift\b/i, bike.gear !== 'derailleur'],
        [/\brotor/i, !hasDisc(job)],
        [/hydraulic/i, !isHydraulic(job)],
        [/\brims?\b|rim brake/i, bike.brake !== 'rim'],
        [/both rings|all rings|chainrings|(smallest|largest) ring/, bike.rings.length === 1],
        [/quick link|quick-link/, closures.every((c) => c === 'connecting pin')],
        [/press .*\bpin\b|chain tool/i, !closures.includes('connecting pin')],
        [/cranks (slowly |turn )?backwards|cranks back|turning slowly/, cranksDrive(job)],
        [/battery/, !bike.ebike],
        [
          /(?<!stick to |soapy |of the )\bwater\b|kettle/,
          workshop.water === 'none' && !job.salted && job.lube?.lubeClass !== 'hot wax',
        ],
        [/(lower|upper) run/, liesOf(job) === 'upside down'],
        [/run on top|run at the bottom/, liesOf(job) === 'upright'],
        [/toothbrush|paint brush|kitchen brush/, workshop.tools.includes('brushes')],
        [/pairs of pliers/, workshop.tools.includes('link pliers')],
        [/(in|out of) the stand/, !workshop.tools.includes('stand')],
        [
          /[Pp]edal forwards and shift|turning forwards/,
          steps.some((s) => s.id === 'stand' && /[Ll]ean/.test(s.what)),
        ],
      ];
      for (const s of steps)
        for (const [word, unfit] of never)
          // Every new chain is cut with the tool, whatever closes it.
          if (unfit && s.id !== 'cut' && word.test(textOf(s)))
            throw new Error(`${s.id}: ${word} in “${textOf(s)}”`);
      for (const trouble of troublesOf(job))
        for (const said of helpWith(trouble, job).steps)
          for (const [word, unfit] of never)
            if (unfit && word.test(said)) throw new Error(`${trouble}: ${word} in “${said}”`);
    }, 2000));

  it('turns the cranks only where it says so, and says so where it counts turns', () =>
    holds((steps) => {
      for (const s of steps) {
        if (s.counter?.kind === 'turns') expect(s.acts).toContain('turn back');
        if (/backwards/.test(s.what) && s.id !== 'brakes')
          expect(s.acts.some((a) => a === 'turn back' || a === 'jockeys by crank')).toBe(true);
        if (/Turn the cranks|cranks slowly/.test(s.what))
          expect([s.id, s.acts.some((a) => TURNS.includes(a))]).toEqual([s.id, true]);
        if (
          /Cranks still|standing still/.test(s.what) &&
          !/Turn the cranks back a little/.test(s.what)
        )
          expect(s.acts).not.toContain('turn back');
      }
    }));

  it('gives each order in a breath, and asks one question at a check', () =>
    holds((steps) => {
      for (const s of steps) {
        for (const order of s.what.split(/[.?] /))
          expect([order, order.split(' ').length <= 30]).toEqual([order, true]);
        const asked = s.check?.ask.split('?').length ?? 2;
        expect([s.id, asked]).toEqual([s.id, 2]);
      }
    }));
});

describe('rules that hold in every procedure', () => {
  it('each step is there once, waits only for a timer before it, goes back only to a step before it', () =>
    holds((steps) => {
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
      steps.forEach((s, n) => {
        if (s.waitsFor) {
          const from = at(steps, s.waitsFor);
          expect(from).toBeGreaterThanOrEqual(0);
          expect(from).toBeLessThan(n);
          expect(steps[from]?.timer).not.toBeNull();
        }
        if (s.check) {
          expect(at(steps, s.check.failTo)).toBeGreaterThanOrEqual(0);
          expect(at(steps, s.check.failTo)).toBeLessThanOrEqual(n);
        }
      });
    }));

  it('gloves before lube, solvent and degreaser, and the cautions stand where they may hurt', () =>
    holds((steps, job) => {
      const wet = steps.filter(
        (s) => /degreaser|solvent|drop |stream of/i.test(s.what) && !isPivots(s),
      );
      for (const s of wet)
        if (s.phase !== 'close' && !['settle', 'rinse rag', 'take off', 'wipe cogs'].includes(s.id))
          expect([
            s.id,
            at(steps, 'gloves') >= 0 && at(steps, 'gloves') < steps.indexOf(s),
          ]).toEqual([s.id, true]);
      for (const s of steps) {
        const has = (...names: string[]) =>
          expect([s.id, s.cautions]).toEqual([s.id, expect.arrayContaining(names)]);
        if (['drops', 'flush', 'under', 'degrease', 'scrub'].includes(s.id)) {
          if (hasDisc(job)) has('rotor');
          if (job.bike.brake === 'rim') has('rim');
        }
        if (s.id === 'wipe' && /solvent|degreaser/.test(s.what)) {
          has('solvent', 'waste');
          if (hasDisc(job)) has('rotor');
        }
        if (s.id === 'air') has('air');
        if (s.id === 'hot rinse') has('hot water', cranksDrive(job) ? 'driven cranks' : 'fingers');
        if (s.id === 'battery') has('battery');
        if (isHydraulic(job) && (s.id === 'wheel out' || s.id === 'wheel in')) has('lever');
        if (s.id === 'open' && job.chain.closure !== 'reusable link') has('closes once');
      }
      const used = steps.some((s) => ['degrease', 'scrub', 'soak'].includes(s.id));
      if (used) expect(steps.some((s) => s.cautions.includes('waste'))).toBe(true);
    }));

  it('nothing is sprayed, and no water is used where there is none', () =>
    holds((steps, job) => {
      for (const s of steps) {
        expect(s.what).not.toMatch(/(?<!Never )spray(?! it)/i);
        if (job.workshop.water === 'none' && job.lube?.lubeClass !== 'hot wax')
          expect(s.materials.join()).not.toMatch(/\bwater\b/);
      }
    }));

  it('wax is never wiped after setting, and goes on a stripped chain', () =>
    holds((steps, job) => {
      if (!job.lube || !isWax(job.lube.lubeClass) || job.depth === 'wipe-down') return;
      expect(steps.some((s) => ['wipe off', 'wipe hard', 'sink in'].includes(s.id))).toBe(false);
      if (mustStrip(job)) {
        const strip = Math.max(at(steps, 'soak'), at(steps, 'degrease'));
        expect(strip).toBeGreaterThanOrEqual(0);
        expect(strip).toBeLessThan(Math.max(at(steps, 'drops'), at(steps, 'dip')));
      }
    }));

  it('looks at the way of the chain before it closes it, never after', () =>
    holds((steps, job) => {
      const close = at(steps, 'close');
      if (!comesOff(job) && job.depth !== 'new-chain strip') return expect(close).toBe(-1);
      for (const id of ['routed', 'direction']) expect(at(steps, id)).toBeLessThan(close);
      if (job.bike.gear === 'derailleur') expect(at(steps, 'routed')).toBe(at(steps, 'lay in') + 1);
      expect(at(steps, 'link seated')).toBeGreaterThan(close);
    }));

  it('an e-bike begins with its battery out and ends with it in; every bike ends on its wheels', () =>
    holds((steps, job) => {
      if (job.bike.ebike) expect(steps[0]?.id).toBe('motor');
      expect(at(steps, 'battery') > at(steps, 'listen')).toBe(job.bike.ebike);
      const last = steps.slice(at(steps, 'set down')).map((s) => s.id);
      expect(last.filter((id) => !AFTER_SET_DOWN.includes(id))).toEqual([]);
      for (const s of steps) if (s.phase === 'close') expect(s.closing).toBe(true);
    }));

  it('advises nothing of what can hurt', () =>
    holds((steps, job) => {
      const told = [
        ...steps.flatMap((s) => [textOf(s), ...s.materials]),
        ...TROUBLES.flatMap((t) => helpWith(t, job).steps),
      ].join('\n');
      expect(told).not.toMatch(/petrol|gasoline|diesel|acid|rust remover/i);
      expect(told).not.toMatch(
        /reuse|(?<!is not )(?<!may be )used again|push the (old )?pin back/i,
      );
      expect(told).not.toMatch(/(?<!Never point a )(?<!never a )pressure washer/);
      for (const s of steps) for (const c of s.cautions) expect(sayCaution(c)).toBeTruthy();
    }));

  it('takes at least as long as the hands are on it, and lays out each thing once', () =>
    holds((steps) => {
      const t = timelineOf(steps);
      expect(t.elapsed).toBeGreaterThanOrEqual(t.handsOn - 1e-9);
      expect(t.untilReady).toBeGreaterThanOrEqual(t.elapsed - 1e-9);
      const things = materialsOf(steps);
      expect(new Set(things).size).toBe(things.length);
    }));
});
