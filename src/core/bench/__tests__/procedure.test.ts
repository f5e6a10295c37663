import { benchLube, jobOf } from '@/test/bench';
import { CARE } from '@/core/care/model/constants';
import { PRESETS } from '@/core/garage/presets';
import { DEPTHS } from '@/core/records/kinds';
import { LUBE_CLASSES } from '@/core/lube/classes';
import { type Job } from '../job';
import { refusal, type BenchRefusal } from '../refusal';
import { procedure } from '../procedure';

const ids = (job: Job) => procedure(job).map((s) => s.id);
const road = { ...PRESETS.road.specs, name: 'Road bike' };
const fixed = { ...road, drive: 'fixed' as const, gear: 'single' as const, brake: 'rim' as const };
const shop = jobOf().workshop;

describe('procedures', () => {
  it.each<[string, Partial<Job>, string]>([
    [
      'a wipe-down',
      { depth: 'wipe-down', lube: null },
      'gloves, stand, shift, wipe, rag check, listen, set down, brakes',
    ],
    [
      'a top-up',
      {},
      'gloves, stand, shift, wipe, rag check, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a top-up by flushing',
      { oldCoat: 'flush' },
      'gloves, stand, shift, wipe, cover rotor, flush, run in, uncover, shift through, wipe hard, listen, set down, brakes',
    ],
    [
      'a top-up of drip wax',
      { lube: benchLube('drip wax'), onIt: 'drip wax' },
      'gloves, stand, shift, wipe, rag check, shake, cover rotor, drops, run in, uncover, shift through, leave it, listen, set down, brakes',
    ],
    [
      'oil over wax',
      { onIt: 'drip wax', workshop: { ...shop, tools: ['stand'] } },
      'gloves, stand, shift, kettle, hot rinse, tray, wipe, rag check, towel, hang, is dry, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a dry lube over a penetrating oil',
      { lube: benchLube('dry'), onIt: 'dry', under: 'Creeping oil' },
      'gloves, stand, shift, wipe, rag check, cover rotor, under, under wipe, shake, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a thin coat before a ride',
      { depth: 'thin coat' },
      'gloves, stand, drops, run in, wipe off, listen, set down, brakes',
    ],
    [
      'a roadside top-up',
      { depth: 'roadside' },
      'place, gloves, wipe, glove check, drops, run in, wipe off, listen, set down, brakes',
    ],
    [
      'a rescue after rain',
      { depth: 'rescue' },
      'gloves, stand, shift, wipe, rag check, towel, air, is dry, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a rescue after salt',
      { depth: 'rescue', salted: true },
      'gloves, stand, shift, salt, wipe, rag check, towel, air, is dry, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'an on-bike clean',
      { depth: 'on-bike clean' },
      'gloves, stand, shift, jockey wheels, cover rotor, cassette, chainrings, degrease, brush, rinse, residue, rag check, towel, air, is dry, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'a clean with the scrubber',
      {
        depth: 'on-bike clean',
        clean: 'scrubber',
        workshop: { ...shop, tools: ['stand', 'scrubber'] },
      },
      'gloves, stand, shift, jockey wheels, cover rotor, cassette, chainrings, scrub, rinse, residue, rag check, towel, hang, is dry, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'an on-bike clean without water',
      { depth: 'on-bike clean', workshop: { ...shop, water: 'none' } },
      'gloves, stand, shift, jockey wheels, cover rotor, cassette, chainrings, degrease, brush, take off, rag check, hang, is dry, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'an on-bike clean, wheel out',
      {
        depth: 'on-bike clean',
        wheelOut: true,
        workshop: { ...shop, tools: ['stand', 'chain keeper'] },
      },
      'gloves, stand, shift, wheel out, keeper, jockey wheels, cassette, chainrings, degrease, brush, rinse, residue, rag check, towel, hang, is dry, keeper out, wheel in, wheel tight, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'an off-bike clean',
      { depth: 'off-bike clean' },
      'gloves, stand, shift, hook, open, link worn, soak, jockey wheels, cover rotor, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, rag check, towel, air, is dry, lay in, routed, close, link seated, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'an off-bike clean, wheel out',
      { depth: 'off-bike clean', wheelOut: true, bike: { ...road, brake: 'rim' } },
      'gloves, stand, shift, hook, open, link worn, rim brake open, wheel out, soak, jockey wheels, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, rag check, towel, air, is dry, wheel in, wheel tight, rim brake closed, lay in, routed, close, link seated, drops, run in, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'a soak',
      { depth: 'soak' },
      'gloves, stand, shift, hook, open, link worn, soak, jockey wheels, cover rotor, cassette, chainrings, rinse, rinse cogs, settle, rag check, towel, air, is dry, lay in, routed, close, link seated, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'stripping a new chain',
      { depth: 'new-chain strip', onIt: 'wet', lube: benchLube('drip wax') },
      'gloves, stand, soak, bath 2, bath 3, rinse, settle, rag check, towel, air, is dry, lay in, routed, close, link seated, shake, cover rotor, drops, run in, uncover, shift through, leave it, listen, set down, brakes',
    ],
    [
      'a wax reset with the kettle',
      {
        depth: 'wax reset',
        lube: benchLube('drip wax'),
        onIt: 'drip wax',
        workshop: { ...shop, tools: ['stand'] },
      },
      'gloves, stand, shift, kettle, hot rinse, tray, wipe, jockey wheels, cassette, chainrings, rag check, towel, hang, is dry, shake, cover rotor, drops, run in, uncover, shift through, leave it, listen, set down, brakes',
    ],
    [
      'a wax reset in the pot',
      {
        depth: 'wax reset',
        lube: benchLube('hot wax'),
        onIt: 'hot wax',
        workshop: { ...shop, tools: ['stand', 'pot'] },
      },
      'gloves, stand, shift, hook, open, link worn, wipe, boil, jockey wheels, cassette, chainrings, boil out, towel, hang, is dry, rag check, heat, dip, lift, pot off, break in, lay in, routed, close, link seated, listen, set down, brakes',
    ],
    [
      'wax over oil: stripped first',
      { lube: benchLube('drip wax'), onIt: 'wet' },
      'gloves, stand, shift, hook, open, link worn, soak, jockey wheels, cover rotor, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, rag check, towel, air, is dry, lay in, routed, close, link seated, shake, drops, run in, uncover, shift through, leave it, listen, set down, brakes',
    ],
    [
      'a fixed wheel: nothing on a running chain',
      { bike: fixed },
      'gloves, stand, wipe, rag check, drops, run in, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a fixed wheel cleaned',
      { bike: fixed, depth: 'on-bike clean' },
      'gloves, stand, cassette, chainrings, degrease, brush, rinse, residue, rag check, towel, air, is dry, drops, run in, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a fixed wheel, its chain off',
      { bike: fixed, depth: 'off-bike clean' },
      'gloves, stand, slacken, open, link worn, soak, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, rag check, towel, air, is dry, lay in, close, tension, link seated, drops, run in, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'an e-bike: motor first',
      { bike: { ...road, ebike: true } },
      'motor, gloves, stand, shift, wipe, rag check, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, battery, brakes',
    ],
    [
      'a wash, degreaser working meanwhile',
      { depth: 'on-bike clean', addOns: ['wash'] },
      'gloves, stand, shift, jockey wheels, cover rotor, cassette, chainrings, degrease, wash, brush, rinse, residue, rag check, towel, air, is dry, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'a wash first',
      {
        depth: 'on-bike clean',
        addOns: ['wash'],
        workshop: { ...shop, schools: { ...shop.schools, washOrder: 'drivetrain last' } },
      },
      'gloves, stand, shift, wash, jockey wheels, cover rotor, cassette, chainrings, degrease, brush, rinse, residue, rag check, towel, air, is dry, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'a top-up with the cassette',
      { addOns: ['cassette', 'jockey wheels'] },
      'gloves, stand, shift, wipe, jockey wheels, cassette, rag check, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'no stand: shifted first, no pedalling forwards',
      { workshop: { ...shop, tools: [] } },
      'gloves, shift, stand, wipe, rag check, cover rotor, drops, run in, sink in, wipe off, listen, uncover, set down, brakes',
    ],
    [
      'degreaser on the rag: rinsed off and dried',
      { between: 'degreaser' },
      'gloves, stand, shift, cover rotor, wipe, rinse rag, rag check, towel, air, is dry, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'a directional chain',
      { depth: 'soak', chain: { links: 114, closure: 'reusable link', directional: true } },
      'gloves, stand, shift, hook, open, link worn, soak, jockey wheels, cover rotor, cassette, chainrings, rinse, rinse cogs, settle, rag check, towel, air, is dry, lay in, routed, direction, close, link seated, drops, run in, uncover, shift through, sink in, wipe off, pivots, listen, set down, brakes',
    ],
    [
      'a hub gear: nothing to shift or route',
      { depth: 'off-bike clean', bike: { ...road, gear: 'hub', brake: 'rim', wheel: 'nuts' } },
      'gloves, stand, slacken, open, link worn, soak, cassette, chainrings, bath 2, bath 3, rinse, rinse cogs, settle, rag check, towel, air, is dry, lay in, close, tension, link seated, drops, run in, sink in, wipe off, listen, set down, brakes',
    ],
    [
      'drops on the top of the cog',
      { workshop: { ...shop, schools: { ...shop.schools, where: 'top of the cog' } } },
      'gloves, stand, shift, wipe, rag check, cover rotor, drops, run in, uncover, shift through, sink in, wipe off, listen, set down, brakes',
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
    [{ depth: 'off-bike clean', openings: { done: 5, allowed: 5 } }, 'no new link'],
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
    [
      {
        depth: 'wax reset',
        lube: benchLube('drip wax'),
        onIt: 'drip wax',
        workshop: { ...shop, water: 'none' },
      },
      'no hot water',
    ],
    [
      { depth: 'soak', chain: { links: 114, closure: 'not known', directional: false } },
      'closure not known',
    ],
    [{ oldCoat: 'clean' }, 'old coat stays'],
    [{ lube: benchLube('hot wax'), onIt: 'hot wax' }, 'no pot'],
    [{ depth: 'new-chain strip' }, 'factory grease stays'],
    [{ depth: 'roadside', lube: benchLube('drip wax'), onIt: 'drip wax' }, 'wax at the roadside'],
  ])('%j is refused: %s', (more, why) => {
    expect(refusal(jobOf(more))).toBe(why);
  });

  it.each(
    DEPTHS.filter((depth) => depth !== 'new chain').flatMap((depth) =>
      (['wet', 'dry', 'drip wax'] as const).map((lube) => [depth, lube] as const),
    ),
  )(
    '%s with %s: waits and wipes by its class, and the set time is the model’s',
    (depth, lubeClass) => {
      const job = jobOf({ depth, lube: benchLube(lubeClass), onIt: lubeClass });
      if (refusal(job) !== null)
        return expect(['wax reset', 'roadside', 'new-chain strip', 'thin coat', 'swap']).toContain(
          depth,
        );
      const steps = procedure(job);
      const coated = (id: string) => steps.some((s) => s.id === id);
      if (depth === 'wipe-down') return expect(coated('drops')).toBe(false);
      const minutes = (label: string) =>
        steps.find((s) => s.timer?.label === label)?.timer?.minutes ?? 0;
      const sinks = minutes('Sinks in');
      // The coat sets from its drops on, so that what it has sunk in meanwhile is not waited for twice.
      expect(minutes('Sets') + sinks).toBe(Math.round(LUBE_CLASSES[lubeClass].setHours * 60));
      const usual = { wet: 10, dry: 20, 'drip wax': 0 }[lubeClass];
      expect(sinks).toBe(depth === 'roadside' || depth === 'thin coat' ? 0 : usual);
      expect(coated('wipe off')).toBe(lubeClass !== 'drip wax');
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
