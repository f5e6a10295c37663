import { G, Path } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { Cog } from './Cog';

/** Where the parts of the drivetrain lie in a drawing. */
const TRAIN = {
  ring: { x: 268, y: 70, r: 44 },
  cog: { x: 60, y: 60, r: 22 },
  guide: { x: 76, y: 100, r: 10 },
  tension: { x: 84, y: 132, r: 10 },
} as const;

export interface TrainProps {
  colors: Colors;
  hasDerailleur: boolean;
}

/** A drawing of it as it lies to the rider. */
export interface LyingProps extends TrainProps {
  upsideDown: boolean;
}

/** The chain's way round, drive side: over the cog, to the ring, round it, back under the jockey wheels. */
const WAY = {
  derailleur:
    'M86 100 C86 112 74 118 74 132 A10 10 0 0 0 84 142 L262 114 A44 44 0 1 0 264 26 L58 38 A22 22 0 0 0 56 82 C64 84 66 92 66 98',
  straight: 'M58 82 L262 114 A44 44 0 1 0 264 26 L58 38 A22 22 0 0 0 58 82',
} as const;

/** Ring, cog, chain and, with a derailleur, its two jockey wheels, from the drive side. */
export function Drivetrain({ colors, hasDerailleur }: TrainProps) {
  const { ring, cog, guide, tension } = TRAIN;
  const way = hasDerailleur ? WAY.derailleur : WAY.straight;
  return (
    <G>
      <Cog {...ring} teeth={30} colors={colors} />
      <Cog {...cog} teeth={14} colors={colors} />
      {hasDerailleur ? (
        <>
          <Cog {...guide} teeth={8} colors={colors} />
          <Cog {...tension} teeth={8} colors={colors} />
        </>
      ) : null}
      <Path d={way} fill="none" stroke={colors.inkSoft} strokeWidth={6} />
      <Path d={way} fill="none" stroke={colors.chalk} strokeWidth={2.4} strokeDasharray="2.4 6" />
    </G>
  );
}

/** Where the chain leaves cog or jockey wheel, and where it meets the ring. */
const LOWER = {
  derailleur: [
    [84, 142],
    [262, 114],
  ],
  straight: [
    [58, 82],
    [262, 114],
  ],
} as const;

/** A point on the lower run, a share of the way from the cog to the ring. */
export function onLowerRun(hasDerailleur: boolean, share: number): readonly [number, number] {
  const [[ax, ay], [bx, by]] = hasDerailleur ? LOWER.derailleur : LOWER.straight;
  return [ax + (bx - ax) * share, ay + (by - ay) * share];
}

/** The middle of the ring, where the cranks turn. */
export const CRANK = TRAIN.ring;
