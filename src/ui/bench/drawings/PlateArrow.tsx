import { G, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme/colors';

interface Props {
  x: number;
  y: number;
  /** Of its run, degrees. */
  tilt: number;
  /** Whether it points backward. */
  back: boolean;
  colors: Colors;
}

/** An arrow on a plate of the chain; it points the way the chain goes. */
export const PlateArrow = ({ x, y, tilt, back, colors }: Props) => (
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
