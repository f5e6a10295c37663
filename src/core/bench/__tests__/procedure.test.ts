import fc from 'fast-check';
import { anyJob, benchLube, jobOf } from '@/test/bench';
import { CARE } from '@/core/care';
import { PRESETS } from '@/core/garage';
import { DEPTHS } from '@/core/logbook';
import { isWax, LUBE_CLASSES } from '@/core/lube';
import {
  comesOff,
  cranksDrive,
  isDeep,
  isHydraulic,
  mayOpen,
  mustStrip,
  refusal,
  type BenchRefusal,
  type Job,
} from '../job';
import { sinkMinutes } from '../lubing';
import { procedure } from '../procedure';
import type { Act, BenchStep } from '../steps';
import { materialsOf, timelineOf } from '../timeline';
import { TROUBLES } from '../trouble';
import { sayCaution } from '../../words/cautions';
import { helpWith } from '../../words/trouble';
import { cases } from '@/test/cases';

const ids = (job: Job) => procedure(job).map((s) => s.id);
const first = (steps: readonly BenchStep[], act: Act) =>
  steps.findIndex((s) => s.acts.includes(act));
const last = (steps: readonly BenchStep[], act: Act) =>
  steps.findLastIndex((s) => s.acts.includes(act));
const road = { ...PRESETS.road.specs, name: 'Road bike' };
const fixed = { ...road, drive: 'fixed' as const, gear: 'single' as const, brake: 'rim' as const };
const shop = jobOf().workshop;

describe('procedures', () => {
  it.each<[string, Partial<Job>, string]>([
    ['a wipe-down', { depth: 'wipe-down', lube: null }, 'stand, shift, wipe, rag check, listen'],
    [
      'a top-up',
      {},
      'gloves, stand, cover rotor, shift, wipe, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, listen',
    ],
    [
      'a top-up by flushing',
      { oldCoat: 'flush' },
      'gloves, stand, cover rotor, shift, wipe, flush, wipe hard, drops, run in, shift through, sink in, wipe off, pivots, uncover, listen',
    ],
    [
      'a top-up of drip wax',
      { lube: benchLube('drip wax'), onIt: 'drip wax' },
      'gloves, stand, cover rotor, shift, wipe, rag check, shake, drops, run in, shift through, leave it, uncover, listen',
    ],
    [
      'a roadside top-up',
      { depth: 'roadside' },
      'place, wipe, glove check, drops, run in, wipe off, listen',
    ],
    [
      'a rescue after rain',
      { depth: 'rescue' },
      'gloves, stand, cover rotor, shift, wipe, towel, air, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, listen',
    ],
    [
      'an on-bike clean',
      { depth: 'on-bike clean' },
      'gloves, stand, cover rotor, shift, degrease, jockey wheels, cassette, chainrings, brush, rinse, residue, towel, air, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'a clean with the scrubber',
      {
        depth: 'on-bike clean',
        clean: 'scrubber',
        workshop: { ...shop, tools: ['stand', 'scrubber'] },
      },
      'gloves, stand, cover rotor, shift, scrub, jockey wheels, cassette, chainrings, rinse, residue, towel, hang, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'an on-bike clean without water',
      { depth: 'on-bike clean', workshop: { ...shop, water: 'none' } },
      'gloves, stand, cover rotor, shift, degrease, jockey wheels, cassette, chainrings, brush, take off, towel, air, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'an off-bike clean',
      { depth: 'off-bike clean' },
      'gloves, stand, cover rotor, shift, unload, open, soak, jockey wheels, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, towel, air, is dry, rag check, chain on, routed, link seated, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'an off-bike clean, wheel out',
      {
        depth: 'off-bike clean',
        workshop: { ...shop, tools: ['stand', 'chain keeper', 'link pliers'] },
      },
      'gloves, stand, cover rotor, shift, unload, open, wheel out, soak, jockey wheels, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, towel, hang, is dry, rag check, chain on, routed, link seated, drops, run in, shift through, sink in, wipe off, pivots, wheel in, wheel tight, uncover, brakes, listen',
    ],
    [
      'a soak',
      { depth: 'soak' },
      'gloves, stand, cover rotor, shift, unload, open, soak, jockey wheels, cassette, chainrings, rinse, rinse cogs, settle, towel, air, is dry, rag check, chain on, routed, link seated, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'stripping a new chain',
      { depth: 'new-chain strip', onIt: 'wet', lube: benchLube('drip wax') },
      'gloves, stand, cover rotor, shift, soak, bath 2, bath 3, rinse, settle, towel, air, is dry, rag check, chain on, routed, link seated, shake, drops, run in, shift through, leave it, uncover, brakes, listen',
    ],
    [
      'a wax reset with the kettle',
      { depth: 'wax reset', lube: benchLube('drip wax'), onIt: 'drip wax' },
      'gloves, stand, cover rotor, shift, hot rinse, wipe, jockey wheels, cassette, chainrings, towel, air, is dry, rag check, shake, drops, run in, shift through, leave it, uncover, listen',
    ],
    [
      'a wax reset in the pot',
      {
        depth: 'wax reset',
        lube: benchLube('hot wax'),
        onIt: 'hot wax',
        workshop: { ...shop, tools: ['stand', 'pot'] },
      },
      'gloves, stand, cover rotor, shift, unload, open, wipe, jockey wheels, cassette, chainrings, rag check, heat, dip, lift, pot off, break in, chain on, routed, link seated, uncover, listen',
    ],
    [
      'wax over oil: stripped first',
      { depth: 'top-up', lube: benchLube('drip wax'), onIt: 'wet' },
      'gloves, stand, cover rotor, shift, unload, open, soak, jockey wheels, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, towel, air, is dry, rag check, chain on, routed, link seated, shake, drops, run in, shift through, leave it, uncover, brakes, listen',
    ],
    [
      'a fixed wheel: nothing on a running chain',
      { bike: fixed },
      'gloves, stand, wipe, rag check, drops, run in, sink in, wipe off, pivots, listen',
    ],
    [
      'a fixed wheel cleaned',
      { bike: fixed, depth: 'on-bike clean' },
      'gloves, stand, degrease, cassette, chainrings, brush, rinse, residue, towel, air, is dry, rag check, drops, run in, sink in, wipe off, pivots, listen',
    ],
    [
      'an e-bike: motor first',
      { bike: { ...road, ebike: true } },
      'motor, gloves, stand, cover rotor, shift, wipe, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, listen',
    ],
    [
      'a wash, degreaser working meanwhile',
      { depth: 'on-bike clean', addOns: ['wash'] },
      'gloves, stand, cover rotor, shift, degrease, wash, jockey wheels, cassette, chainrings, brush, rinse, residue, towel, air, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'a wash first',
      {
        depth: 'on-bike clean',
        addOns: ['wash'],
        workshop: { ...shop, schools: { ...shop.schools, washOrder: 'drivetrain last' } },
      },
      'gloves, stand, cover rotor, shift, wash, degrease, jockey wheels, cassette, chainrings, brush, rinse, residue, towel, air, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'a top-up with the cassette',
      { addOns: ['cassette', 'jockey wheels'] },
      'gloves, stand, cover rotor, shift, wipe, jockey wheels, cassette, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, listen',
    ],
    [
      'no stand: brakes tested upright',
      { workshop: { ...shop, tools: [] } },
      'gloves, stand, cover rotor, shift, wipe, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'degreaser on the rag: rinsed off and dried',
      { between: 'degreaser' },
      'gloves, stand, cover rotor, shift, wipe, towel, air, is dry, rag check, drops, run in, shift through, sink in, wipe off, pivots, uncover, listen',
    ],
    [
      'a directional chain',
      { depth: 'soak', chain: { links: 114, closure: 'reusable link', directional: true } },
      'gloves, stand, cover rotor, shift, unload, open, soak, jockey wheels, cassette, chainrings, rinse, rinse cogs, settle, towel, air, is dry, rag check, chain on, routed, link seated, direction, drops, run in, shift through, sink in, wipe off, pivots, uncover, brakes, listen',
    ],
    [
      'a hub gear: nothing to shift or route',
      { depth: 'off-bike clean', bike: { ...road, gear: 'hub', brake: 'rim', wheel: 'nuts' } },
      'gloves, stand, unload, open, soak, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, towel, air, is dry, rag check, chain on, link seated, drops, run in, sink in, wipe off, pivots, listen',
    ],
  ])('%s', (_, more, expected) => {
    const job = jobOf(more);
    expect(refusal(job)).toBeNull();
    expect(ids(job).join(', ')).toBe(expected);
  });

  it.each<[Partial<Job>, BenchRefusal]>([
    [
      {
        depth: 'off-bike clean',
        chain: { links: 114, closure: 'single-use link', directional: false },
      },
      'no new link',
    ],
    [
      { depth: 'soak', chain: { links: 114, closure: 'connecting pin', directional: false } },
      'no new pin',
    ],
    [
      {
        depth: 'off-bike clean',
        workshop: { ...shop, schools: { ...shop.schools, chainOff: 'never' } },
      },
      'chain stays on',
    ],
    [{ depth: 'on-bike clean', clean: 'scrubber' }, 'no scrubber'],
    [
      {
        depth: 'on-bike clean',
        clean: 'scrubber',
        bike: fixed,
        workshop: { ...shop, tools: ['scrubber'] },
      },
      'scrubber with driven cranks',
    ],
    [{ depth: 'wax reset' }, 'wax reset without wax'],
    [{ lube: benchLube('hot wax'), onIt: 'hot wax' }, 'no pot'],
    [{ depth: 'new-chain strip' }, 'factory grease stays'],
    [{ depth: 'roadside', lube: benchLube('drip wax'), onIt: 'drip wax' }, 'wax at the roadside'],
  ])('%j is refused: %s', (more, why) => {
    expect(refusal(jobOf(more))).toBe(why);
  });

  it.each(
    DEPTHS.flatMap((depth) =>
      (['wet', 'dry', 'drip wax'] as const).map((lube) => [depth, lube] as const),
    ),
  )(
    '%s with %s: waits and wipes by its class, and the set time is the model’s',
    (depth, lubeClass) => {
      const job = jobOf({ depth, lube: benchLube(lubeClass), onIt: lubeClass });
      if (refusal(job) !== null)
        return expect(['wax reset', 'roadside', 'new-chain strip']).toContain(depth);
      const steps = procedure(job);
      if (depth === 'wipe-down') return expect(first(steps, 'lube')).toBe(-1);
      const set = steps.find((s) => s.timer?.label === 'Sets');
      expect(set?.timer?.minutes).toBe(Math.round(LUBE_CLASSES[lubeClass].setHours * 60));
      const sinks =
        depth === 'roadside' ? undefined : steps.find((s) => s.id === 'sink in')?.timer?.minutes;
      if (lubeClass === 'wet' && depth !== 'roadside') expect(sinks).toBe(10);
      if (lubeClass === 'dry' && depth !== 'roadside') expect(sinks).toBe(20);
      if (lubeClass === 'drip wax') expect(last(steps, 'wipe')).toBe(-1);
    },
  );

  it('dries as long as the model has it for the place', () => {
    const minutes = (job: Job, id: string) =>
      procedure(job).find((s) => s.id === id)?.timer?.minutes;
    const clean = jobOf({ depth: 'on-bike clean' });
    expect(minutes(clean, 'air')).toBe(Math.round(CARE.airHours.value * 60));
    const towel = jobOf({ depth: 'on-bike clean', workshop: { ...shop, tools: ['stand'] } });
    expect(minutes(towel, 'hang')).toBe(Math.round(CARE.towelHours.value * 60));
  });

  it('counts laps and drops as the worked examples do', () => {
    // 114 links on a 50 are 2.28 turns a lap (common practice); three laps with the rag are 7 whole turns.
    const steps = procedure(jobOf({ bike: { ...road, rings: [50] } }));
    expect(steps.find((s) => s.id === 'wipe')?.counter).toMatchObject({ kind: 'turns', count: 7 });
    expect(steps.find((s) => s.id === 'drops')?.counter).toMatchObject({
      kind: 'drops',
      count: 114,
    });
  });
});

describe('rules that hold in every procedure', () => {
  const holds = (rule: (steps: BenchStep[], job: Job) => void) =>
    fc.assert(
      fc.property(anyJob, (job) => {
        fc.pre(refusal(job) === null);
        rule(procedure(job), job);
      }),
      { seed: 505, numRuns: cases(400) },
    );

  it('each step is there once, waits only for a timer before it, goes back only to a step before it', () =>
    holds((steps) => {
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
      steps.forEach((s, n) => {
        if (s.waitsFor) {
          const at = steps.findIndex((other) => other.id === s.waitsFor);
          expect(at).toBeGreaterThanOrEqual(0);
          expect(at).toBeLessThan(n);
          expect(steps[at]?.timer).not.toBeNull();
        }
        if (s.check)
          expect(steps.findIndex((o) => o.id === s.check?.failTo)).toBeGreaterThanOrEqual(0);
        if (s.check)
          expect(steps.findIndex((o) => o.id === s.check?.failTo)).toBeLessThanOrEqual(n);
      });
    }));

  it('degreaser near a disc: the rotor is covered first, and nothing is sprayed', () =>
    holds((steps, job) => {
      if (!job.bike.brake.startsWith('disc')) return;
      const wet = first(steps, 'degreaser');
      if (wet >= 0 && job.lube) expect(first(steps, 'rotor covered')).toBeLessThan(wet);
      for (const s of steps) expect(s.what).not.toMatch(/(?<!Never )spray(?! it)/i);
    }));

  it('a hydraulic wheel that is out: the lever caution is there, going out and going in', () =>
    holds((steps, job) => {
      for (const s of steps)
        if (isHydraulic(job) && (s.acts.includes('wheel out') || s.acts.includes('wheel in')))
          expect(s.cautions).toContain('lever');
      expect(first(steps, 'wheel out') >= 0).toBe(first(steps, 'wheel in') >= 0);
    }));

  it('what was wet is dried before the coat; no water steps without water', () =>
    holds((steps, job) => {
      const lube = first(steps, 'lube');
      const wet = last(steps, 'water');
      if (lube >= 0 && wet >= 0) {
        const dried = last(steps, 'dried');
        expect(dried).toBeGreaterThan(wet);
        expect(dried).toBeLessThan(lube);
      }
      if (job.workshop.water === 'none')
        for (const s of steps) {
          expect(s.acts).not.toContain('water');
          expect(s.materials.join()).not.toMatch(/\bwater\b/);
        }
    }));

  it('no coat before a passed cleanliness check, unless it flushes', () =>
    holds((steps, job) => {
      const lube = first(steps, 'lube');
      if (lube < 0) return;
      if (first(steps, 'flush') >= 0) return expect(job.oldCoat).toBe('flush');
      const check = first(steps, 'cleanliness check');
      expect(check).toBeGreaterThanOrEqual(0);
      expect(check).toBeLessThan(lube);
    }));

  it('wax is never wiped after setting, and goes on a stripped chain', () =>
    holds((steps, job) => {
      if (!job.lube || !isWax(job.lube.lubeClass)) return;
      const wax = first(steps, 'wax');
      if (wax < 0) return;
      expect(steps.slice(wax).some((s) => s.acts.includes('wipe'))).toBe(false);
      if (mustStrip(job)) expect(first(steps, 'strip')).toBeGreaterThanOrEqual(0);
      if (mustStrip(job)) expect(first(steps, 'strip')).toBeLessThan(wax);
      expect(sinkMinutes(job, job.lube.lubeClass)).toBeNull();
    }));

  it('a bath needs the chain off, and off it comes only where its closure may be opened', () =>
    holds((steps, job) => {
      const bath = first(steps, 'bath');
      const off = first(steps, 'chain off');
      if (bath >= 0 && job.depth !== 'new-chain strip') expect(off >= 0 && off < bath).toBe(true);
      if (off >= 0) expect(mayOpen(job)).toBe(true);
      if (off >= 0) expect(last(steps, 'chain on')).toBeGreaterThan(off);
      if (comesOff(job) && job.bike.gear === 'derailleur')
        expect(steps.some((s) => s.id === 'routed' && s.closing)).toBe(true);
      if (comesOff(job)) expect(steps.some((s) => s.id === 'link seated' && s.closing)).toBe(true);
    }));

  it('a deep clean takes cassette and jockey wheels along', () =>
    holds((steps, job) => {
      if (!isDeep(job) || job.depth === 'new-chain strip') return;
      expect(first(steps, 'cassette')).toBeGreaterThanOrEqual(0);
      expect(first(steps, 'jockey wheels')).toBeGreaterThanOrEqual(0);
    }));

  it('where the cranks drive the wheel no rag is held on a running chain, and nothing is turned through a brush', () =>
    holds((steps, job) => {
      if (!cranksDrive(job)) return;
      for (const s of steps) {
        expect(s.acts).not.toContain('rag on the run');
        expect(s.cautions).not.toContain('fingers');
        if (s.phase === 'clean') expect(s.counter).toBeNull();
      }
    }));

  it('an e-bike starts with motor off and battery out', () =>
    holds((steps, job) => {
      if (job.bike.ebike) expect(steps[0]?.acts).toContain('motor off');
      else expect(first(steps, 'motor off')).toBe(-1);
    }));

  it('what is hot is switched off before the end', () =>
    holds((steps) => {
      const hot = last(steps, 'hot');
      if (hot >= 0) expect(last(steps, 'hot off')).toBeGreaterThanOrEqual(hot);
    }));

  it('ends with turning and listening; closing checks are all at the end or at fitting', () =>
    holds((steps) => {
      expect(steps.at(-1)?.id).toBe('listen');
      for (const s of steps) if (s.phase === 'close') expect(s.closing).toBe(true);
    }));

  it('advises nothing of what can hurt', () =>
    holds((steps, job) => {
      const told = [
        ...steps.flatMap((s) => [s.what, s.why, s.check?.failWhy ?? '', ...s.materials]),
        ...TROUBLES.flatMap((t) => helpWith(t, job).steps),
      ].join('\n');
      expect(told).not.toMatch(/petrol|gasoline|diesel|acid|rust remover/i);
      expect(told).not.toMatch(/reuse|use it again|push the (old )?pin back|press the pin back/i);
      expect(told).not.toMatch(/(?<!Never a )(?<!never a )pressure washer/);
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
