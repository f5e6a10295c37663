/** Prints what a campaign counted; anything but zero fails it. */
export function campaign(name: string, counts: Record<string, number>): void {
  const words = Object.entries(counts).map(
    ([what, n]) => `${n} ${what.replace(/([A-Z])/g, (c) => ` ${c.toLowerCase()}`)}`,
  );
  const isClean = Object.values(counts).every((n) => n === 0);
  console.log(`${isClean ? 'held  ' : 'FAILED'}  ${name}: ${words.join(', ')}`);
  if (!isClean) process.exitCode = 1;
}
