import { Circle, G, Path } from 'react-native-svg';
import type { Colors } from '../../theme';
import { Cog } from './Cog';
import { Label } from './Label';

const RING = { x: 170, y: 84, r: 72 } as const;
const ARM_ANGLES = [45, 135, 225, 315] as const;

/** A shoelace drawn to and fro behind the arms that hold the ring, where no brush goes. */
export function ShoelaceDrawing({ colors }: { colors: Colors }) {
  const { x, y, r } = RING;
  return (
    <G>
      <Cog {...RING} teeth={34} colors={colors} />
      <Circle cx={x} cy={y} r={r - 14} fill="none" stroke={colors.inkSoft} strokeWidth={2} />
      {ARM_ANGLES.map((angle) => (
        <Path
          key={angle}
          transform={`rotate(${angle} ${x} ${y})`}
          d={`M${x + 12} ${y - 9} L${x + r - 10} ${y - 6} L${x + r - 10} ${y + 6} L${x + 12} ${y + 9} Z`}
          fill={colors.cloth}
          stroke={colors.ink}
          strokeWidth={1.5}
        />
      ))}
      <Path
        d={`M40 58 C90 40 120 40 ${x - 42} ${y - 44} M${x - 22} ${y - 56} C${x + 20} ${y - 84} 250 34 304 22`}
        fill="none"
        stroke={colors.danger}
        strokeWidth={4}
        strokeLinecap="round"
      />
      <Path
        d="M52 46 L38 58 L56 64 M292 14 L306 21 L296 34"
        fill="none"
        stroke={colors.danger}
        strokeWidth={2.5}
        strokeLinecap="round"
      />
      <Label x={48} y={90} color={colors.ink}>
        to and fro
      </Label>
      <Label x={292} y={64} color={colors.ink}>
        behind the arm
      </Label>
    </G>
  );
}
