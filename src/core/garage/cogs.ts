import type { Bike } from '../records/garage';

/**
 * Cogs of a bike: as the rider wrote them down, else what a cassette of this size likely has, evenly spaced by ratio, as
 * they are made (common practice).
 */
export function likelyCogs({
  smallestCog,
  largestCog,
  speeds,
  gear,
  cogs: known,
}: Pick<Bike, 'smallestCog' | 'largestCog' | 'speeds' | 'gear' | 'cogs'>): number[] {
  if (known) return [...known].sort((a, b) => a - b);
  if (gear !== 'derailleur' || speeds < 2) return [smallestCog];
  const step = (largestCog / smallestCog) ** (1 / (speeds - 1));
  const cogs = Array.from({ length: speeds }, (_, n) => Math.round(smallestCog * step ** n));
  // Small cogs are a tooth apart at least.
  return cogs
    .map((cog, n) => Math.max(cog, smallestCog + n))
    .map((cog) => Math.min(cog, largestCog));
}

/** A middle cog: the noise is heard well there, and the chain runs straight. */
export const middleCog = (cogs: readonly number[]): number =>
  cogs[Math.floor(cogs.length / 2)] ?? 17;
