import type { CauseFacts } from './facts';

/** What it runs on does: jockey wheels, cogs, rings, shifting, and a coat of lube. See `CAUSE_FACTS`. */
export const OF_DRIVE = {
  'dirty jockey wheels': {
    prior: 55,
    noises: { grind: 0.5, rattle: 0.2, squeak: 0.15, 'shifts badly': 0.1 },
    signs: {
      where: { below: 0.65, rear: 0.3 },
      gears: { 'all gears': 0.95 },
      beat: { 'no beat': 0.85 },
      coasting: { 'only pedalling': 0.97 },
    },
    beats: ['jockey wheel'],
    only: 'derailleur',
  },
  'dry jockey bearing': {
    prior: 50,
    noises: { squeak: 0.8, grind: 0.12 },
    signs: {
      where: { below: 0.65, rear: 0.3 },
      gears: { 'all gears': 0.95 },
      beat: { 'even beat': 0.6 },
      coasting: { 'only pedalling': 0.97 },
    },
    beats: ['jockey wheel'],
    only: 'derailleur',
  },
  'dirty cogs': {
    prior: 35,
    noises: { grind: 0.45, skip: 0.2, 'shifts badly': 0.25 },
    signs: { gears: { 'some cogs': 0.6 }, where: { rear: 0.75 }, beat: { 'no beat': 0.8 } },
    beats: ['wheel'],
  },
  'packed ring': {
    prior: 10,
    noises: { 'drops off': 0.6, grind: 0.25 },
    signs: { where: { front: 0.8 }, since: { 'rain or wash': 0.45 } },
    only: 'narrow-wide',
  },
  'worn cogs': {
    prior: 35,
    noises: { skip: 0.85, grind: 0.06 },
    signs: {
      load: { 'pushing hard': 0.9 },
      gears: { 'some cogs': 0.85 },
      since: { 'new part': 0.75 },
      where: { rear: 0.8 },
      beat: { 'no beat': 0.85 },
    },
    beats: ['wheel'],
  },
  'bad tooth': {
    prior: 15,
    noises: { click: 0.5, skip: 0.4 },
    signs: {
      gears: { 'some cogs': 0.45, 'one ring': 0.5 },
      beat: { 'even beat': 0.9 },
      since: { knock: 0.45 },
    },
    beats: ['crank', 'wheel'],
  },
  'out of index': {
    prior: 85,
    noises: { 'shifts badly': 0.45, click: 0.25, rattle: 0.15, skip: 0.12 },
    signs: {
      gears: { 'some cogs': 0.7 },
      since: { knock: 0.3, 'little by little': 0.3, 'new part': 0.2 },
      where: { rear: 0.85 },
      beat: { 'no beat': 0.85 },
    },
    only: 'derailleur',
  },
  'cage rubs': {
    prior: 35,
    noises: { rub: 0.85, rattle: 0.08 },
    signs: { gears: { crossed: 0.7, 'one ring': 0.2 }, where: { front: 0.9 } },
    only: 'several rings',
  },
  'limit screw': {
    prior: 12,
    noises: { 'drops off': 0.6, rub: 0.15, 'shifts badly': 0.2 },
    signs: {
      gears: { 'some cogs': 0.7, 'one ring': 0.2 },
      since: { knock: 0.3, 'new part': 0.3, 'work on it': 0.2 },
    },
    only: 'derailleur',
  },
  'lube not set': {
    prior: 14,
    noises: { grind: 0.45, squeak: 0.35 },
    signs: { since: { 'work on it': 0.93 }, beat: { 'no beat': 0.95 } },
  },
} as const satisfies Record<string, CauseFacts>;
