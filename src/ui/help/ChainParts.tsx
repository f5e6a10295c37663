import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { Label } from '../bench/drawings/Label';
import type { Colors } from '../theme/colors';

/** A stretch of chain from above, pulled apart enough to be named: plates, pins, rollers. */
export function ChainParts({ colors }: { colors: Colors }) {
  return (
    <G>
      {[70, 150, 230].map((x, n) => (
        <G key={x}>
          <Rect x={x - 12} y={58} width={24} height={34} rx={6} fill={colors.gritLight} />
          <Line x1={x} y1={36} x2={x} y2={114} stroke={colors.ink} strokeWidth={6} />
          {n < 2 ? <Plates x={x} outer={n === 0} colors={colors} /> : null}
        </G>
      ))}
      <Circle cx={70} cy={36} r={4} fill={colors.ink} />
      <Path
        d="M150 132 V116 M70 18 V30 M230 132 L230 94 M110 132 V106 M190 132 V96"
        stroke={colors.inkSoft}
        strokeWidth={1.5}
      />
      <Label x={70} y={14} color={colors.ink}>
        pin
      </Label>
      <Label x={110} y={144} color={colors.ink}>
        outer plates
      </Label>
      <Label x={190} y={144} color={colors.ink}>
        inner plates
      </Label>
      <Label x={250} y={144} color={colors.ink}>
        roller
      </Label>
    </G>
  );
}

function Plates({ x, outer, colors }: { x: number; outer: boolean; colors: Colors }) {
  const [top, bottom] = outer ? [42, 100] : [49, 93];
  return (
    <>
      {[top, bottom].map((y) => (
        <Rect key={y} x={x - 16} y={y} width={112} height={7} rx={3} fill={colors.inkSoft} />
      ))}
    </>
  );
}
