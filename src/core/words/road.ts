import type { Kit, SpareLink } from '../bench/kit';
import type { Bike, Chain } from '../records/garage';
import { widthFor } from '../chain/widths';
import { listed } from './counted';

const linkSaid = ({ width, bikes, ofItsMake }: SpareLink): string => {
  const which = width ? `for ${width.name}` : 'as wide as the chain';
  return `Spare quick link ${which}${ofItsMake ? ', of the chain’s make' : ''} (${listed(bikes)})`;
};

/** What goes along in the bag, one thing a line. */
export function kitLines({ links, rinsed }: Kit): string[] {
  return [
    ...links.map(linkSaid),
    'A multi-tool with a chain tool',
    'Small pliers that close and open a link',
    'A tie or a bit of wire that holds the chain slack',
    'Gloves and a rag',
    ...(rinsed.length > 0
      ? [
          `A small bottle of wet lube, for rain takes off the coat of ${listed(rinsed.map((r) => r.bike))}`,
        ]
      : []),
  ];
}

/** When a spare goes along. Common practice. */
export const WHEN_TO_CARRY =
  'Take the spare link on every ride that is too long to walk home from. It weighs a few grams.';

/** How a repair on the road holds. */
export const HOLDS = ['spare link', 'old pin'] as const;
export type Holds = (typeof HOLDS)[number];

export const HOLDS_LABEL: Record<Holds, string> = {
  'spare link': 'A spare link',
  'old pin': 'An old pin, pushed back',
};

/** From this many speeds pins are riveted flush. Common practice. */
const RIVETED = 10;

/** What to do when a link breaks, in order. Common practice. */
export function brokenLink({ gear, drive, ebike }: Bike, { speeds }: Chain): string[] {
  const geared = gear === 'derailleur';
  return [
    'Stop well off the road. Do not pedal on, and keep the loose end out of the spokes.',
    ...(ebike ? ['Switch the motor off before you touch the chain.'] : []),
    ...(drive === 'freewheel'
      ? []
      : ['This bike brakes through its chain. Without it, walk until it is closed again.']),
    geared
      ? 'Set the shifter to the smallest cog and lay the chain off the ring, so that it hangs slack.'
      : 'Undo the wheel and push it forward, so that the chain hangs slack.',
    'Find what broke. A broken outer link is taken out by itself, and a spare link takes its place. A broken inner link goes with the outer links on both sides, and the chain is two links shorter.',
    `Both ends must be inner links. Close them with a spare link ${geared ? `for ${widthFor(speeds).name}` : 'as wide as the chain'}, and seat it by pressing the pedal while the rear wheel is held.`,
    'With no spare link, a pin of the chain can be pushed back to get home. It may let go. Ride gently, sitting down, and stay away from traffic.',
    ...(speeds >= RIVETED
      ? [
          'Pins of chains for so many speeds are riveted and hold badly the second time. Walk the steep parts.',
        ]
      : []),
    geared
      ? 'Two links shorter, the chain may not reach round the largest ring and the largest cog. Stay off that pair. It can tear the derailleur off.'
      : 'Two links shorter, the axle sits about 13 mm further forward. If the slot does not let it, walk.',
    'At home, look at every link. A plate that cracked means a new chain, for the next one cracks as well.',
  ];
}

/** What is said of a repair before it is noted. */
export const holdsHint = (holds: Holds): string =>
  holds === 'old pin'
    ? 'Noted as a pin that moved. Today says “Do not ride” until it is put right.'
    : 'Noted on the chain. Look at home whether the link is one that opens again.';
