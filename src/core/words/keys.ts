/** A key, or keys one after the other, and what they do. */
export interface KeyWords {
  keys: string;
  does: string;
}

/** Keys that open a place, by tinykeys' names, and where they lead. */
export const GO_KEYS: readonly (readonly [keys: string, path: string, does: string])[] = [
  ['g t', '/', 'Go to Today'],
  ['g r', '/rides', 'Go to Rides'],
  ['g b', '/bench', 'Go to the bench'],
  ['g s', '/shelf', 'Go to the shelf'],
  ['g k', '/book', 'Go to the book'],
  ['g p', '/plan', 'Go to the plan'],
  ['l', '/rides/log', 'Log a ride'],
  ['/', '/find', 'Find anything'],
];

/** What the sheet of keys lists beside the places. */
export const OTHER_KEYS: readonly KeyWords[] = [
  { keys: 'j, k', does: 'Next or previous in a list; on a list the arrows do it too' },
  { keys: 'Enter', does: 'Open what is marked' },
  { keys: 'Escape', does: 'Close what is open, or leave a page for its list' },
  { keys: 'Ctrl Z', does: 'Undo' },
  { keys: 'Ctrl Shift Z', does: 'Do it again' },
  { keys: '?', does: 'Show these keys' },
];

/** Keys at the bench. */
export const BENCH_KEYS: readonly KeyWords[] = [
  { keys: 'Space, Enter', does: 'Next step' },
  { keys: 'Backspace', does: 'Step back' },
  { keys: 'T', does: 'Go on, where that starts a timer' },
  { keys: 'R', does: 'Read the step aloud' },
];
