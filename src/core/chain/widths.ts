/** Chains whose plates stand alike: which cogs they are for, and their measures, mm. */
export interface ChainWidth {
  name: string;
  speeds: readonly [number, number];
  /** Between the inner plates: wider than a tooth. */
  innerMm: number;
  /** Over the pins: narrower than the room to the next cog. */
  outerMm: number;
}

/**
 * Widths of chains for derailleurs. Inner widths: ISO 9633 has 3/32 in and 11/128 in (from memory); over the pins: common
 * practice, from memory, makers differ by 0.2 mm.
 */
export const WIDTHS: readonly ChainWidth[] = [
  { name: '5 to 8 speeds', speeds: [1, 8], innerMm: 2.38, outerMm: 7.2 },
  { name: '9 speeds', speeds: [9, 9], innerMm: 2.18, outerMm: 6.6 },
  { name: '10 speeds', speeds: [10, 10], innerMm: 2.18, outerMm: 5.9 },
  { name: '11 speeds', speeds: [11, 11], innerMm: 2.18, outerMm: 5.5 },
  { name: '12 speeds', speeds: [12, 12], innerMm: 2.18, outerMm: 5.25 },
  { name: '13 and 14 speeds', speeds: [13, 14], innerMm: 2.18, outerMm: 4.95 },
];

/** Of chains without a derailleur: 1/8 in and 3/32 in between the plates. ISO 9633, from memory. */
export const WIDE_MM = 3.3;
export const NARROW_MM = 2.38;

/** The width a number of speeds asks for. */
export const widthFor = (speeds: number): ChainWidth =>
  WIDTHS.find(({ speeds: [from, to] }) => speeds >= from && speeds <= to) ?? WIDTHS[0]!;

/** `runs`: made for more speeds, but known to run. `ask`: too narrow to be sure. */
export type ChainFit = 'fits' | 'runs' | 'ask' | 'too wide';

/** Makers allow an 11-speed chain on 9 and 10 cogs; common practice. */
const RUNS_ON = { chain: 11, from: 9 } as const;

/** Whether a chain made for so many speeds goes with a derailleur and so many cogs. */
export function fitOf(chainSpeeds: number, bikeSpeeds: number): ChainFit {
  const [chain, bike] = [widthFor(chainSpeeds), widthFor(bikeSpeeds)];
  if (chain === bike) return 'fits';
  if (chain.outerMm > bike.outerMm) return 'too wide';
  return chainSpeeds <= RUNS_ON.chain && bikeSpeeds >= RUNS_ON.from ? 'runs' : 'ask';
}

/** Whether a link made for so many speeds closes a chain for so many: its pins are as long as that chain is wide. */
export const closes = (linkSpeeds: number, chainSpeeds: number): boolean =>
  widthFor(linkSpeeds) === widthFor(chainSpeeds);
