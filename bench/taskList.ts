import type { Page } from '@playwright/test';

/** Does a tap, counted. A number or a word typed is one tap more: the field is tapped. */
export interface Hand {
  page: Page;
  tap: (role: 'button' | 'link' | 'radio' | 'checkbox', name: string | RegExp) => Promise<void>;
  type: (label: string, text: string) => Promise<void>;
}

/** Something riders do, from Today on, and the most taps it may take. */
export interface Task {
  name: string;
  most: number;
  /** Where it begins. */
  at?: string;
  does: (hand: Hand) => Promise<void>;
  /** Seen when it is done. */
  done: string | RegExp;
}

const fileOf = (name: string, text: string) => ({
  name,
  mimeType: 'application/octet-stream',
  buffer: Buffer.from(text),
});

const GPX = `<?xml version="1.0"?><gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>${Array.from(
  { length: 120 },
  (_, n) =>
    `<trkpt lat="${(54 + n * 0.0005).toFixed(4)}" lon="-4.5"><time>${new Date(Date.UTC(2026, 10, 23, 8, 0, n * 10)).toISOString()}</time></trkpt>`,
).join('')}</trkseg></trk></gpx>`;

/** Twenty tasks of a rider's week, in the demo. */
export const TASKS: readonly Task[] = [
  {
    name: 'see what the chain needs',
    most: 0,
    does: () => Promise.resolve(),
    done: /Wipe in about/,
  },
  { name: 'see why', most: 1, does: (h) => h.tap('button', 'Show working'), done: /reaches your/ },
  {
    name: 'log today’s ride',
    most: 3,
    does: async (h) => {
      await h.tap('button', 'Rode');
      // The cursor is in the one number already.
      await h.page.getByLabel('Distance').fill('42');
      await h.tap('radio', 'Dry');
      await h.tap('button', 'Save ride');
    },
    done: 'Ride logged',
  },
  {
    name: 'log yesterday’s ride on another bike',
    most: 4,
    does: async (h) => {
      await h.tap('button', /^Sunday racer/);
      await h.tap('button', 'Rode');
      await h.page.getByLabel('Distance').fill('42');
      await h.type('Started', '2026-11-23T09:00');
      await h.tap('button', 'Save ride');
    },
    done: 'Ride logged',
  },
  {
    name: 'note that it got wet',
    most: 2,
    does: async (h) => {
      await h.tap('button', 'Got wet');
      await h.tap('button', 'Stood in rain');
    },
    done: 'Noted: got wet',
  },
  {
    name: 'note a squeak',
    most: 2,
    does: async (h) => {
      await h.tap('button', 'Heard a noise');
      await h.tap('button', 'Squeak');
    },
    done: 'Noted: squeak',
  },
  {
    name: 'note a rag check',
    most: 2,
    does: async (h) => {
      await h.tap('button', 'Rag check');
      await h.tap('button', /^Swatch 4/);
    },
    done: 'Rag check noted',
  },
  {
    name: 'undo it',
    most: 3,
    does: async (h) => {
      await h.tap('button', 'Rag check');
      await h.tap('button', /^Swatch 4/);
      await h.tap('button', 'Undo');
    },
    done: 'Undone: Rag check noted',
  },
  {
    name: 'look at another bike',
    most: 1,
    does: (h) => h.tap('button', /^Peat track/),
    done: 'Gravel chain',
  },
  {
    name: 'begin the next job',
    most: 2,
    does: async (h) => {
      await h.tap('button', 'Do it now');
      await h.tap('button', 'Begin');
    },
    done: /You|Wear|Put|Lean|Hang/,
  },
  {
    name: 'write down work that was done',
    most: 3,
    does: async (h) => {
      await h.tap('link', 'Bench');
      await h.tap('button', 'I have done it already: write it down');
      await h.tap('button', 'Save work');
    },
    done: 'Work recorded',
  },
  {
    name: 'see the plan',
    most: 1,
    does: (h) => h.tap('button', 'The plan'),
    done: 'Against your routine',
  },
  {
    name: 'move a job',
    most: 2,
    at: '/plan',
    does: async (h) => {
      await h.tap('button', 'Move');
      await h.tap('button', /^\w{3} \d+ \w{3}$/);
    },
    done: 'set by you',
  },
  {
    name: 'plan a ride',
    most: 4,
    at: '/plan/rides',
    does: async (h) => {
      await h.tap('button', 'Plan a ride');
      await h.type('Distance', '60');
      await h.tap('button', /^(Save|Plan)/);
    },
    done: /60 km/,
  },
  {
    name: 'import a ride file',
    most: 4,
    does: async (h) => {
      await h.tap('link', 'Rides');
      await h.tap('button', 'Import');
      // The picking of the file is the browser’s: one tap.
      await h.page.getByLabel('Ride files').setInputFiles(fileOf('lap.gpx', GPX));
      await h.tap('button', /^Add/);
    },
    done: /ride imported|rides imported/,
  },
  {
    name: 'find rides of a kind',
    most: 3,
    does: async (h) => {
      await h.tap('link', 'Rides');
      await h.tap('button', 'Find');
      await h.page.getByRole('textbox').first().fill('baker');
    },
    done: /baker/,
  },
  {
    name: 'ask which lube',
    most: 2,
    does: async (h) => {
      await h.tap('link', 'Shelf');
      await h.tap('link', /^Which lube/);
    },
    done: 'What matters to you',
  },
  {
    name: 'fit a new chain',
    most: 6,
    does: async (h) => {
      await h.tap('link', 'Book');
      await h.tap('link', /^Garage/);
      await h.tap('link', /^Quay commuter/);
      await h.tap('button', 'Fit a new chain');
      await h.tap('button', 'Fit the new chain');
    },
    done: 'New chain fitted',
  },
  {
    name: 'save a backup',
    most: 3,
    does: async (h) => {
      await h.tap('link', 'Book');
      await h.tap('link', /^Files/);
      await h.tap('button', /^Save a backup|^Backup/);
    },
    done: /backup/i,
  },
  {
    name: 'change to miles',
    most: 3,
    does: async (h) => {
      await h.tap('link', 'Book');
      await h.tap('link', /^Settings/);
      await h.tap('radio', 'Miles, °F');
    },
    done: 'Units changed',
  },
];
