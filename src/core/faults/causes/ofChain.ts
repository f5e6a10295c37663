import type { CauseFacts } from './facts';

/** What the chain itself, its closure, its way and its length do. See `CAUSE_FACTS`. */
export const OF_CHAIN = {
  'dry chain': {
    prior: 190,
    noises: { squeak: 0.8, rattle: 0.12 },
    signs: {
      since: { 'rain or wash': 0.3, 'little by little': 0.55 },
      beat: { 'no beat': 0.97 },
      coasting: { 'only pedalling': 0.97 },
    },
  },
  'dirty chain': {
    prior: 110,
    noises: { grind: 0.75, squeak: 0.08, 'shifts badly': 0.1 },
    signs: {
      since: { 'rain or wash': 0.35, 'little by little': 0.5 },
      beat: { 'no beat': 0.97 },
      coasting: { 'only pedalling': 0.97 },
    },
  },
  'rusted chain': {
    prior: 20,
    noises: { squeak: 0.5, grind: 0.25, click: 0.12 },
    signs: { since: { 'rain or wash': 0.85 } },
  },
  'stiff link': {
    prior: 45,
    noises: { click: 0.6, skip: 0.33 },
    signs: {
      beat: { 'even beat': 0.93 },
      since: { 'work on it': 0.3, 'rain or wash': 0.25, 'new part': 0.2 },
      coasting: { 'only pedalling': 0.95 },
    },
    beats: ['chain'],
  },
  'moved pin': {
    prior: 8,
    noises: { click: 0.7, skip: 0.2, creak: 0.05 },
    signs: { beat: { 'even beat': 0.95 }, since: { 'work on it': 0.5, 'new part': 0.35 } },
    beats: ['chain'],
  },
  'unseated link': {
    prior: 10,
    noises: { click: 0.75, skip: 0.15 },
    signs: { beat: { 'even beat': 0.9 }, since: { 'work on it': 0.75, 'new part': 0.2 } },
    beats: ['chain'],
    only: 'link',
  },
  'link wrong way': {
    prior: 6,
    noises: { click: 0.75, skip: 0.1, rattle: 0.1 },
    signs: { beat: { 'even beat': 0.9 }, since: { 'work on it': 0.75, 'new part': 0.2 } },
    beats: ['chain'],
    only: 'directional',
  },
  'wrong side of tab': {
    prior: 22,
    noises: { grind: 0.55, rub: 0.35, rattle: 0.06 },
    signs: {
      since: { 'work on it': 0.7, 'new part': 0.27 },
      where: { below: 0.7, rear: 0.25 },
      beat: { 'no beat': 0.9 },
      gears: { 'all gears': 0.95 },
    },
    only: 'derailleur',
  },
  'outside the stay': {
    prior: 3,
    noises: { rub: 0.8, grind: 0.12 },
    signs: { since: { 'work on it': 0.7, 'new part': 0.25 }, gears: { 'all gears': 0.9 } },
  },
  'reversed chain': {
    prior: 5,
    noises: { 'shifts badly': 0.75, click: 0.12 },
    signs: { since: { 'work on it': 0.6, 'new part': 0.37 } },
    only: 'directional',
  },
  'worn chain': {
    prior: 30,
    noises: { rattle: 0.3, skip: 0.25, grind: 0.15, 'shifts badly': 0.2 },
    signs: { since: { 'little by little': 0.85 }, load: { 'pushing hard': 0.5 } },
  },
  'chain too long': {
    prior: 10,
    noises: { rattle: 0.5, 'drops off': 0.4 },
    signs: {
      since: { 'new part': 0.6, 'work on it': 0.3 },
      gears: { 'some cogs': 0.5, 'all gears': 0.4 },
    },
    only: 'derailleur',
  },
  'slack chain': {
    prior: 25,
    noises: { rattle: 0.45, 'drops off': 0.4, skip: 0.08 },
    signs: { since: { 'little by little': 0.6, 'work on it': 0.25 }, gears: { 'all gears': 0.95 } },
    only: 'no derailleur',
  },
  'chain too short': {
    prior: 4,
    noises: { grind: 0.4, 'shifts badly': 0.35, creak: 0.15 },
    signs: { since: { 'new part': 0.65, 'work on it': 0.3 }, gears: { crossed: 0.75 } },
    only: 'derailleur',
  },
} as const satisfies Record<string, CauseFacts>;
