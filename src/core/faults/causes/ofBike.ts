import type { CauseFacts } from './facts';

/** What is heard with the chain and is none of it. See `CAUSE_FACTS`. */
export const OF_BIKE = {
  'dry freehub': {
    prior: 15,
    noises: { squeak: 0.35, rattle: 0.2, grind: 0.2, click: 0.15 },
    signs: { coasting: { 'only coasting': 0.75, 'coasting too': 0.15 }, where: { rear: 0.93 } },
    beats: ['wheel'],
    workshop: true,
    only: 'freewheel',
  },
  'loose crank parts': {
    prior: 95,
    noises: { creak: 0.72, click: 0.24 },
    signs: {
      load: { 'pushing hard': 0.85 },
      where: { front: 0.8, below: 0.15 },
      beat: { 'even beat': 0.8 },
      gears: { 'all gears': 0.95 },
    },
    beats: ['crank', 'both pedals'],
  },
  'brake rubs': {
    prior: 50,
    noises: { rub: 0.75, squeak: 0.2 },
    signs: {
      coasting: { 'coasting too': 0.85, 'only coasting': 0.08 },
      beat: { 'even beat': 0.7 },
    },
    beats: ['wheel'],
    only: 'rim or disc',
  },
  'oil on brake': {
    prior: 12,
    noises: { squeak: 0.93 },
    signs: {
      coasting: { 'only braking': 0.95 },
      since: { 'work on it': 0.6, 'rain or wash': 0.2 },
    },
    workshop: true,
    only: 'rim or disc',
  },
  'loose wheel': {
    prior: 6,
    noises: { click: 0.35, creak: 0.25, rub: 0.25, rattle: 0.1 },
    signs: {
      coasting: { 'coasting too': 0.55 },
      since: { 'work on it': 0.45, 'out of nowhere': 0.3 },
    },
    beats: ['wheel'],
  },
  'wax flakes': {
    prior: 10,
    noises: { rattle: 0.3, grind: 0.4, squeak: 0.1 },
    signs: { since: { 'work on it': 0.95 }, beat: { 'no beat': 0.9 } },
    only: 'wax',
  },
  'new chain settling': {
    prior: 12,
    noises: { rattle: 0.4, grind: 0.3, 'shifts badly': 0.15 },
    signs: { since: { 'new part': 0.9 }, beat: { 'no beat': 0.95 } },
  },
} as const satisfies Record<string, CauseFacts>;
