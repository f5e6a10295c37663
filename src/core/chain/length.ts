import { PITCH_MM } from './geometry';

/** What the length of a chain is worked out from: the stay from bottom bracket to axle (mm), teeth of ring and cog. */
export interface Drive {
  chainstayMm: number;
  ring: number;
  cog: number;
}

const MM_PER_INCH = 25.4;
/** A chain with outer and inner links by turns ends in whole inches: two links each. */
const evenLinks = (inches: number): number => 2 * Math.ceil(inches - 1e-9);

/** What a derailleur needs on the largest ring and cog beyond the way around both, inches. Common practice. */
const SPARE_INCHES = 1;

/**
 * Links by the quick rule of the trade: twice the stay, a quarter of the teeth of both, and an inch (all inches), up to
 * the next whole inch. Common practice, from memory. It leaves out that the two runs are not parallel.
 */
export const quickLinks = ({ chainstayMm, ring, cog }: Drive): number =>
  evenLinks((2 * chainstayMm) / MM_PER_INCH + (ring + cog) / 4 + SPARE_INCHES);

/**
 * Links by the long rule: as the quick one, with runs that lean by the difference of the two wheels. The chain-drive
 * formula of machine handbooks with an inch more; common practice, from memory.
 */
export const leaningLinks = ({ chainstayMm, ring, cog }: Drive): number => {
  const lean = (ring - cog) / (4 * Math.PI);
  const runs = 2 * Math.hypot(chainstayMm / MM_PER_INCH, lean);
  return evenLinks(runs + (ring + cog) / 4 + SPARE_INCHES);
};

/** What speaks for a length, and the one to begin with: the longest, since a chain is shortened more easily than mended. */
export interface LengthFound {
  /** By the two rules; null: the stay was not measured. */
  rules: { quick: number; leaning: number } | null;
  /** Links of the chain that was on; null: not counted. */
  old: number | null;
  links: number;
}

/**
 * Length of a chain for a derailleur, links, from the stay (mm) or a chain that was right on the same rings and cogs
 * (`old`), whichever is known; null: neither is.
 */
export function derailleurLength(
  chainstayMm: number | null,
  wheels: Pick<Drive, 'ring' | 'cog'>,
  old: number | null,
): LengthFound | null {
  const drive = chainstayMm === null ? null : { chainstayMm, ...wheels };
  const rules = drive && { quick: quickLinks(drive), leaning: leaningLinks(drive) };
  const links = Math.max(rules?.quick ?? 0, rules?.leaning ?? 0, old ?? 0);
  return links === 0 ? null : { rules, old, links };
}

/** Teeth a derailleur's cage has to take up between the largest ring and cog and the smallest of both. */
export const slackTeeth = (rings: readonly number[], smallest: number, largest: number): number =>
  Math.max(...rings) - Math.min(...rings) + largest - smallest;

/**
 * From bracket to axle with a chain of so many links pulled straight, mm: the chain-drive formula of machine handbooks,
 * solved for the distance. NaN where the chain does not go round.
 */
export function axleAtMm(links: number, ring: number, cog: number): number {
  const runs = links - (ring + cog) / 2;
  const lean = (ring - cog) / (2 * Math.PI);
  return (PITCH_MM / 4) * (runs + Math.sqrt(runs * runs - 8 * lean * lean));
}

/** The fewest links that go round ring and cog so far apart, half links counted. */
export const tightLinks = ({ chainstayMm, ring, cog }: Drive): number =>
  Math.ceil(
    2 * Math.hypot(chainstayMm / PITCH_MM, (ring - cog) / (2 * Math.PI)) + (ring + cog) / 2 - 1e-9,
  );

/** A length that fits without a derailleur, and how far back the axle then sits in its slot, mm. */
export interface FixedLength {
  links: number;
  /** An odd count needs a half link. */
  half: boolean;
  backMm: number;
}

/**
 * Lengths for a hub gear or a single speed, shortest first: those that put the axle within its slot. `chainstayMm`: with
 * the axle right forward; `slotMm`: how far back it goes.
 */
export function fixedLengths({ chainstayMm, ring, cog }: Drive, slotMm: number): FixedLength[] {
  const found: FixedLength[] = [];
  for (let links = tightLinks({ chainstayMm, ring, cog }); ; links++) {
    const backMm = axleAtMm(links, ring, cog) - chainstayMm;
    if (backMm > slotMm) return found;
    found.push({ links, half: links % 2 === 1, backMm });
  }
}
