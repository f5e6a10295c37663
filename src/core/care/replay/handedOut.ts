/**
 * Freezes what replay hands out, so that a reader who changes it is found by the first test that runs it. In
 * production, where thousands of steps are made, it is handed out as it is.
 */
export const handedOut: <T extends object>(value: T) => T =
  process.env.NODE_ENV === 'production' ? (value) => value : (value) => Object.freeze(value);
