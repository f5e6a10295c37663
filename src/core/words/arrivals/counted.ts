/** "3 rides", "2 jobs", "3 rides and 1 job". */
export function countedThings(rides: number, work: number): string {
  const both = [
    rides > 0 || work === 0 ? (rides === 1 ? '1 ride' : `${rides} rides`) : null,
    work > 0 ? (work === 1 ? '1 job' : `${work} jobs`) : null,
  ];
  return both.filter((part) => part !== null).join(' and ');
}
