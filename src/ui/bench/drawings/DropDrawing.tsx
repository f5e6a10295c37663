import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { Label } from './Label';

/** Where the drop goes: on the roller, inside the lower run; and where metal rubs on metal. */
export function DropDrawing({ colors }: { colors: Colors }) {
  return (
    <G>
      <Link colors={colors} />
      <Path
        d="M206 6 l22 0 l-4 26 l-5 12 l-4 0 l-5 -12z"
        fill={colors.cloth}
        stroke={colors.ink}
        strokeWidth={2}
      />
      <Path d="M217 48 q-6 9 0 13 q6 -4 0 -13z" fill={colors.tape} stroke={colors.ink} />
      {[
        [150, 118, 'pin', 120, 160],
        [196, 84, 'shoulder', 150, 56],
        [238, 84, 'shoulder', 282, 56],
        [217, 118, 'roller', 248, 160],
      ].map(([x, y, word, tx, ty], n) => (
        <G key={n}>
          <Circle cx={x as number} cy={y as number} r={4} fill={colors.danger} />
          <Line
            x1={x as number}
            y1={y as number}
            x2={tx as number}
            y2={(ty as number) - ((ty as number) > 100 ? 12 : -4)}
            stroke={colors.danger}
          />
          <Label x={tx as number} y={ty as number} color={colors.ink}>
            {word as string}
          </Label>
        </G>
      ))}
    </G>
  );
}

/** A link from above, cut open: outer plates, inner plates with their shoulders, roller, pins. */
function Link({ colors }: { colors: Colors }) {
  const rollers = [83, 150, 217, 284];
  return (
    <G>
      {rollers.map((x) => (
        <G key={x}>
          <Rect
            x={x - 20}
            y={84}
            width={40}
            height={34}
            rx={6}
            fill={colors.line}
            stroke={colors.inkSoft}
          />
          <Rect x={x - 4} y={66} width={8} height={70} rx={3} fill={colors.inkSoft} />
        </G>
      ))}
      {[74, 120].map((y) => (
        <G key={y}>
          <Rect x={60} y={y} width={46} height={8} rx={4} fill={colors.ink} />
          <Rect x={126} y={y} width={116} height={8} rx={4} fill={colors.ink} opacity={0.75} />
          <Rect x={262} y={y} width={46} height={8} rx={4} fill={colors.ink} />
        </G>
      ))}
      {[64, 130].map((y) => (
        <G key={y}>
          <Rect x={70} y={y} width={92} height={7} rx={3.5} fill={colors.ink} />
          <Rect x={206} y={y} width={92} height={7} rx={3.5} fill={colors.ink} />
        </G>
      ))}
    </G>
  );
}
