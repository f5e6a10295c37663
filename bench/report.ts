/** One measured figure against its bound; sets the exit code when it is missed. */
export function report(what: string, value: number, bound: number, how: string): void {
  const good = value <= bound;
  if (!good) process.exitCode = 1;
  console.log(`${good ? 'within' : 'MISSED'}  ${what}: ${value.toPrecision(3)} (at most ${bound})`);
  console.log(`        ${how}`);
}

/** The median, which a stray pause of the machine does not move. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? NaN;
}

/** Milliseconds a job takes. */
export function timed(job: () => unknown): number {
  const start = performance.now();
  job();
  return performance.now() - start;
}
