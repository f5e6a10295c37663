import { G, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme';
import { Drivetrain, onLowerRun, type LyingProps } from './Drivetrain';
import { Turned } from './Turned';

interface MarkedProps {
  x: number;
  y: number;
  /** Of its run, degrees. */
  tilt: number;
  /** Whether it points backward. */
  back: boolean;
  colors: Colors;
}

/** An arrow on a plate of the chain; it points the way the chain goes. */
const Marked = ({ x, y, tilt, back, colors }: MarkedProps) => (
  <G transform={`rotate(${tilt} ${x} ${y})`}>
    <Rect
      x={x - 21}
      y={y - 8.5}
      width={42}
      height={17}
      rx={8}
      fill={colors.tape}
      stroke={colors.ink}
      strokeWidth={2}
    />
    <Path
      d={back ? `M${x + 12} ${y} h-18 m6 -5 l-7 5 7 5` : `M${x - 12} ${y} h18 m-6 -5 l7 5 -7 5`}
      fill="none"
      stroke={colors.onTape}
      strokeWidth={2.5}
    />
  </G>
);

/** A chain that runs one way: its arrow forward on the run that pulls, backward on the other. */
export function WayRoundDrawing({ colors, hasDerailleur, upsideDown }: LyingProps) {
  const [x, y] = onLowerRun(hasDerailleur, 0.5);
  return (
    <Turned
      upsideDown={upsideDown}
      labels={[
        { x: 162, y: 14, says: 'the run that pulls: forward' },
        { x: 180, y: 164, says: 'the other run: backward' },
      ]}
      ink={colors.ink}
    >
      <Drivetrain colors={colors} hasDerailleur={hasDerailleur} />
      <Marked x={161} y={32.5} tilt={-5} back={false} colors={colors} />
      <Marked x={x} y={y} tilt={hasDerailleur ? -9 : 9} back colors={colors} />
    </Turned>
  );
}
