/** "1 ride", "3 rides". */
export const countedRides = (rides: number): string => (rides === 1 ? '1 ride' : `${rides} rides`);

/** "3 rides", "2 jobs", "3 rides and 1 job". */
export function countedThings(rides: number, work: number): string {
  const jobs = work === 1 ? '1 job' : `${work} jobs`;
  if (work === 0) return countedRides(rides);
  return rides === 0 ? jobs : `${countedRides(rides)} and ${jobs}`;
}

/** "once", "twice", "3 times". */
export const timesText = (times: number): string =>
  times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`;

/** "one", "one and two", "one, two and three". */
export const listed = (parts: readonly string[]): string =>
  [parts.slice(0, -1).join(', '), parts.at(-1)].filter(Boolean).join(' and ');
