import { G, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { Label } from './Label';

const MIDDLE = { x: 170, y: 82 } as const;
/** From which side it presses, degrees, and how far from the middle the arrow ends. */
const PRESSES = [
  [0, 66],
  [90, 52],
  [180, 66],
  [270, 52],
] as const;

/** A towel pressed on the chain from all four sides: the chain cut across, its plates upright, the pin through them. */
export function SqueezeDrawing({ colors }: { colors: Colors }) {
  const { x, y } = MIDDLE;
  return (
    <G>
      <Rect
        x={x - 58}
        y={y - 44}
        width={116}
        height={88}
        rx={24}
        fill={colors.tape}
        stroke={colors.ink}
        strokeWidth={1.5}
        strokeDasharray="7 3"
      />
      <Rect x={x - 46} y={y - 4} width={92} height={8} rx={4} fill={colors.inkSoft} />
      <Rect
        x={x - 20}
        y={y - 20}
        width={40}
        height={40}
        rx={6}
        fill={colors.line}
        stroke={colors.inkSoft}
      />
      {[-40, -30, 24, 34].map((dx) => (
        <Rect key={dx} x={x + dx} y={y - 26} width={7} height={52} rx={3.5} fill={colors.ink} />
      ))}
      {PRESSES.map(([angle, tip]) => (
        <Path
          key={angle}
          transform={`rotate(${angle} ${x} ${y})`}
          d={`M${x + tip + 24} ${y} L${x + tip} ${y} M${x + tip + 10} ${y - 8} L${x + tip} ${y} L${x + tip + 10} ${y + 8}`}
          fill="none"
          stroke={colors.danger}
          strokeWidth={3}
          strokeLinecap="round"
        />
      ))}
      <Label x={62} y={32} color={colors.ink}>
        towel all round
      </Label>
      <Label x={280} y={140} color={colors.ink}>
        plates and rollers
      </Label>
    </G>
  );
}
