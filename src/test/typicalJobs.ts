import type { Job } from '@/core/bench/job';
import { procedure } from '@/core/bench/procedure';
import { timelineOf } from '@/core/bench/timeline';
import { PRESETS } from '@/core/garage/presets';
import { atBenchRound } from '@/core/words/rounds';
import { benchLube, jobOf } from './bench';

const road: Job['bike'] = { ...PRESETS.road.specs, name: 'Road bike' };
const fixed: Job['bike'] = {
  ...road,
  name: 'Fixed wheel',
  ...{ drive: 'fixed', gear: 'single', brake: 'rim', wheel: 'nuts', rings: [48] },
};
const hub: Job['bike'] = {
  ...road,
  name: 'Town bike',
  ...{ gear: 'hub', brake: 'rim', wheel: 'nuts', rings: [38] },
};
const gravel: Job['bike'] = { ...road, name: 'Gravel bike', rings: [40], narrowWide: true };
const ebike: Job['bike'] = { ...gravel, name: 'E-bike', ebike: true };
const { workshop } = jobOf();
const withTools = (...tools: Job['workshop']['tools']): Job['workshop'] => ({ ...workshop, tools });
const chain = (closure: Job['chain']['closure']): Job['chain'] => ({
  links: 114,
  closure,
  directional: true,
});

/** Bikes and jobs as they come, for docs/bench.md: a mechanic reads them there in full. */
export const TYPICAL_JOBS: readonly [string, Partial<Job>][] = [
  [
    'Wipe-down of a road bike leaning on a wall',
    { depth: 'wipe-down', lube: null, workshop: withTools() },
  ],
  ['Thin coat half an hour before a ride', { depth: 'thin coat', workshop: withTools() }],
  ['Top-up, hydraulic discs, no stand', { workshop: withTools('brushes') }],
  ['Top-up by drenching, after a salted road', { oldCoat: 'flush', salted: true }],
  ['Roadside top-up', { depth: 'roadside' }],
  ['Rescue of an e-bike after rain', { depth: 'rescue', bike: ebike }],
  [
    'On-bike clean, gravel bike, hose',
    { depth: 'on-bike clean', bike: gravel, workshop: { ...workshop, water: 'hose' } },
  ],
  [
    'On-bike clean, wheel out, chain on a keeper',
    { depth: 'on-bike clean', wheelOut: true, workshop: withTools('stand', 'chain keeper', 'air') },
  ],
  [
    'Off-bike clean, joining pin and new pin',
    {
      depth: 'off-bike clean',
      chain: chain('connecting pin'),
      workshop: withTools('stand', 'new link', 'air'),
    },
  ],
  [
    'On-bike clean of a fixed wheel, upside down',
    { depth: 'on-bike clean', bike: fixed, workshop: withTools('brushes') },
  ],
  ['Off-bike clean of a hub gear', { depth: 'off-bike clean', bike: hub }],
  [
    'Swap of two chains that take turns',
    {
      depth: 'swap',
      lube: null,
      next: { ...chain('reusable link'), id: 'b', name: 'chain B' },
      workshop: withTools('link pliers'),
    },
  ],
  [
    'New chain for twelve speeds, a link that closes once, dry lube',
    {
      depth: 'new chain',
      onIt: null,
      lube: benchLube('dry'),
      chain: chain('single-use link'),
      next: { ...chain('single-use link'), id: 'b', name: 'the new chain' },
      old: { becomes: 'worn', limit: 0.5 },
    },
  ],
  [
    'New chain with a joining pin, wet lube, no stand; tyres ride along',
    {
      depth: 'new chain',
      onIt: null,
      chain: { ...chain('connecting pin'), directional: false },
      next: { ...chain('connecting pin'), directional: false, id: 'b', name: 'the new chain' },
      old: { becomes: 'kept', limit: 0.75 },
      rounds: [atBenchRound({ round: 'tyres', minutes: 4 }, road)],
      workshop: withTools('brushes'),
    },
  ],
  [
    'New chain for a hub gear, the old one kept',
    {
      depth: 'new chain',
      onIt: null,
      bike: hub,
      next: { ...chain('reusable link'), directional: false, id: 'b', name: 'the new chain' },
      old: { becomes: 'kept', limit: 1 },
      salted: true,
    },
  ],
  [
    'Wax reset in the pot',
    {
      depth: 'wax reset',
      lube: benchLube('hot wax'),
      onIt: 'hot wax',
      workshop: withTools('stand', 'pot'),
    },
  ],
];

/** The typical jobs written out, step by step, in Markdown. */
export const typicalJobsText = (): string =>
  TYPICAL_JOBS.map(([title, more]) => {
    const steps = procedure(jobOf(more));
    const { handsOn, untilReady } = timelineOf(steps);
    const lines = steps.map((s, n) => `${n + 1}. ${s.what} _${s.why}_`);
    return `### ${title}\n\n${Math.round(handsOn)} min of work, ready in ${Math.round(untilReady)} min.\n\n${lines.join('\n')}\n`;
  }).join('\n');
