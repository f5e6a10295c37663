import { Circle, G, Path } from 'react-native-svg';
import type { Colors } from '../../theme/colors';

interface Props {
  x: number;
  y: number;
  r: number;
  teeth: number;
  colors: Colors;
}

/** A toothed wheel from the side. */
export function Cog({ x, y, r, teeth, colors }: Props) {
  const points = Array.from({ length: teeth * 2 }, (_, n) => {
    const angle = (Math.PI * n) / teeth;
    const at = n % 2 === 0 ? r : r - 4;
    return `${(x + at * Math.cos(angle)).toFixed(1)} ${(y + at * Math.sin(angle)).toFixed(1)}`;
  });
  return (
    <G>
      <Path
        d={`M${points.join('L')}Z`}
        fill="none"
        stroke={colors.inkSoft}
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <Circle
        cx={x}
        cy={y}
        r={Math.max(3, r / 5)}
        fill="none"
        stroke={colors.inkSoft}
        strokeWidth={2}
      />
    </G>
  );
}
