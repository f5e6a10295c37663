import { G } from 'react-native-svg';
import type { Colors } from '../../theme';
import { ChainRun } from './ChainRun';
import { Cog } from './Cog';

/** Where the parts of the drivetrain lie in a drawing. */
export const TRAIN = {
  ring: { x: 268, y: 66, r: 42 },
  cog: { x: 62, y: 62, r: 20 },
  jockeys: [
    { x: 70, y: 104, r: 10 },
    { x: 88, y: 132, r: 10 },
  ],
  upper: [
    [62, 42],
    [266, 24],
  ],
  lower: [
    [90, 142],
    [262, 108],
  ],
  straight: [
    [62, 82],
    [264, 108],
  ],
} as const;

export interface TrainProps {
  colors: Colors;
  hasDerailleur: boolean;
}

/** Ring, cog, chain and, with a derailleur, its two jockey wheels, from the drive side. */
export function Drivetrain({ colors, hasDerailleur }: TrainProps) {
  const { ring, cog, jockeys, upper, lower, straight } = TRAIN;
  const soft = colors.inkSoft;
  return (
    <G>
      <Cog {...ring} teeth={28} colors={colors} />
      <Cog {...cog} teeth={13} colors={colors} />
      <ChainRun from={upper[0]} to={upper[1]} colors={colors} pitch={13} color={soft} />
      {hasDerailleur ? (
        <>
          {jockeys.map((j) => (
            <Cog key={j.y} {...j} teeth={8} colors={colors} />
          ))}
          <ChainRun from={[79, 84]} to={[79, 112]} colors={colors} pitch={10} color={soft} />
          <ChainRun from={lower[0]} to={lower[1]} colors={colors} pitch={13} color={soft} />
        </>
      ) : (
        <ChainRun from={straight[0]} to={straight[1]} colors={colors} pitch={13} color={soft} />
      )}
    </G>
  );
}

/** A point on the lower run, a share of the way from the cog to the ring. */
export function onLowerRun(hasDerailleur: boolean, share: number): readonly [number, number] {
  const [[ax, ay], [bx, by]] = hasDerailleur ? TRAIN.lower : TRAIN.straight;
  return [ax + (bx - ax) * share, ay + (by - ay) * share];
}
