import type { FixedLength, LengthFound } from '../chain/length';
import { fitOf, NARROW_MM, WIDE_MM, widthFor } from '../chain/widths';
import { articulationsPerMinute, turnsPerLap } from '../chain/geometry';
import { partsOf } from '../chain/parts';
import type { Bike, Chain } from '../records/garage';
import { WAX_PER_CHAIN_G } from '../lube/dose';
import { listed } from './counted';
import { formatNumber } from '../units/format';

const mm = (value: number): string => `${formatNumber(Math.round(value * 10) / 10)} mm`;

/** Which chain goes on a bike, a sentence each. */
export function whichChain({ gear, speeds, narrowWide, ebike }: Bike): string[] {
  if (gear !== 'derailleur')
    return [
      `Measure a tooth of the ring and one of the cog. Both about 3 mm thick take a chain of 1/8 in (${mm(WIDE_MM)} between its plates); thinner ones take 3/32 in (${mm(NARROW_MM)}), or 1/8 in as well.`,
      'A chain of 3/32 in does not go over teeth made for 1/8 in.',
    ];
  const others = [9, 10, 11].filter((n) => fitOf(n, speeds) === 'runs');
  const { outerMm } = widthFor(speeds);
  return [
    `Take a chain for ${speeds} speeds. It is about ${mm(outerMm)} wide over the pins.`,
    ...(others.length > 0
      ? [`One for ${others.join(' or ')} speeds runs too. One for fewer is too wide.`]
      : ['One for fewer speeds is too wide, and rubs on the next cog.']),
    ...(speeds >= 12
      ? [
          'Chains for so many speeds differ by make. Take one whose maker names your cogs and rings.',
        ]
      : []),
    ...(narrowWide
      ? ['Your ring has wide and narrow teeth by turns. Lay an outer link on each wide one.']
      : []),
    ...(ebike ? ['A motor pulls hard. Take one its maker allows for e-bikes.'] : []),
  ];
}

/** Cages and frames explain so many links between a chain that ran well and the rules. Own estimate. */
const NEAR_LINKS = 4;

/** "Cut it to 112 links", and what speaks for it. */
export function lengthSaid({ links, rules, old }: LengthFound): string[] {
  const cut = `Cut it to ${links} links.`;
  if (!rules)
    return [
      cut,
      'The old chain had as many. Measure the chainstay, and two rules of the trade check it.',
    ];
  const { quick, leaning } = rules;
  const ruled =
    quick === leaning
      ? `Both rules of the trade come to ${quick}.`
      : `The quick rule comes to ${quick}, the longer one to ${leaning}.`;
  return [cut, ruled, ...(old === null ? [] : [oldSaid(old, quick, leaning)])];
}

/** What the links of the old chain say beside the rules. */
function oldSaid(old: number, quick: number, leaning: number): string {
  if (old === quick && old === leaning) return 'The old chain had as many.';
  return Math.abs(old - Math.max(quick, leaning)) > NEAR_LINKS
    ? `The old chain had ${old}, which is far off. Count it again and measure again before you cut.`
    : `The old chain had ${old}. If nothing else was changed and it ran well, take that. If not, begin with the longer one.`;
}

/** What to try before a chain for a derailleur is cut. */
export const TRY_BEFORE_CUTTING: readonly string[] = [
  'Lay it over the largest ring and the largest cog before you cut. The cage must not be pulled straight. Too short a chain can tear it off.',
  'Then the smallest of both. The chain must not hang. If it does, the cage is too short for these gears, not the chain too long.',
  'With rear suspension, press it to where the stay is longest before you measure.',
];

/** Common practice. */
export const TIGHT_SENTENCE = 'A chain that is too tight costs about 4 W.';

export const slackSentence = (teeth: number): string =>
  `The cage has to take up ${teeth} teeth between the two. Its maker says how many it can.`;

/** Lengths that put the axle in its slot. */
export function fixedSaid(found: readonly FixedLength[]): string[] {
  const said = ({ links, backMm }: FixedLength) =>
    `${links} links put the axle ${mm(backMm)} behind the front of the slot`;
  const whole = found.filter((f) => !f.half);
  if (whole.length > 0)
    return [`${whole.map(said).join('; ')}. The shorter leaves room to tighten as it wears.`];
  const [half] = found;
  return half
    ? [`No even count fits this slot. With a half link, ${said(half)}.`]
    : [
        'No length fits this slot. Measure again, or take another cog. A tooth moves the axle by about 3 mm.',
      ];
}

/** Turns of the cranks a minute that figures are for. Common practice. */
const RPM = 90;

/** What a chain does on its bike, in figures. */
export function chainFigures({ links }: Pick<Chain, 'links'>, { rings }: Bike): string[] {
  const laps = rings.map((ring) => `${turnsPerLap(links, ring).toFixed(2)} on the ${ring} ring`);
  const [largest = 50] = rings;
  const bends = Math.round(articulationsPerMinute(RPM, largest) / 1000) * 1000;
  return [
    `Turns of the cranks for one lap of the chain: ${listed(laps)}.`,
    `At ${RPM} turns a minute on the ${largest} ring, its parts bend about ${formatNumber(bends)} times a minute. Each bend wears a little where grit lies.`,
    `It is made of ${partsOf(links)} parts: plates, pins and rollers. Built with bushings, as older ones are, it would be ${partsOf(links, 'bushings')}.`,
    `Waxed, it carries about ${WAX_PER_CHAIN_G} g of wax.`,
  ];
}

/** Which way round a chain that runs one way only goes on. */
export const WAY_ROUND: readonly string[] = [
  'The arrow points forward on the run that pulls, from the cogs to the ring. On the lower run it points backward.',
  'Lettering faces outward, so that you read it from the side of the chain.',
];
