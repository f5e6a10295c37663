import { Circle, G, Path } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
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
        d={`M36 118 C80 112 108 92 ${x - 42} ${y - 20} M${x - 22} ${y - 40} C${x - 6} ${y - 60} 220 12 300 22`}
        fill="none"
        stroke={colors.danger}
        strokeWidth={4}
        strokeLinecap="round"
      />
      <Path
        d="M48 108 L34 118 L50 126 M288 12 L302 22 L288 32"
        fill="none"
        stroke={colors.danger}
        strokeWidth={2.5}
        strokeLinecap="round"
      />
      <Label x={52} y={150} color={colors.ink}>
        to and fro
      </Label>
      <Label x={292} y={56} color={colors.ink}>
        behind the arm
      </Label>
    </G>
  );
}
