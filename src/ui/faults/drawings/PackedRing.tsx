import { Circle, G, Line, Rect } from 'react-native-svg';
import { Label } from '../../bench/drawings/Label';
import type { Colors } from '../../theme/colors';

/** A narrow-wide ring from above: wide teeth fill the outer links, dirt packed on the narrow ones lifts the chain off. */
export function PackedRing({ colors }: { colors: Colors }) {
  return (
    <G>
      <Ring x={14} colors={colors} packed={false} />
      <Ring x={184} colors={colors} packed />
      <Line x1={170} x2={170} y1={10} y2={160} stroke={colors.line} strokeWidth={2} />
      <Label x={85} y={152} color={colors.done} strong>
        Clean: the chain sits deep
      </Label>
      <Label x={255} y={152} color={colors.danger} strong>
        Packed: it rides high
      </Label>
    </G>
  );
}

const TEETH = [0, 1, 2, 3, 4];
const PITCH = 30;

function Ring({ x, colors, packed }: { x: number; colors: Colors; packed: boolean }) {
  const chainY = packed ? 70 : 88;
  const tint = packed ? colors.danger : colors.done;
  return (
    <G>
      <Rect x={x} y={100} width={142} height={26} fill={colors.line} />
      {TEETH.map((n) => {
        const wide = n % 2 === 0;
        const width = wide ? 18 : 10;
        const left = x + n * PITCH + 2 + (18 - width) / 2;
        return (
          <G key={n}>
            <Rect x={left} y={66} width={width} height={36} rx={3} fill={colors.inkSoft} />
            {packed && n < TEETH.length - 1 ? (
              <Rect
                x={x + n * PITCH + 20}
                y={78}
                width={12}
                height={24}
                rx={2}
                fill={colors.ink}
                opacity={0.75}
              />
            ) : null}
          </G>
        );
      })}
      <Line x1={x} x2={x + 142} y1={chainY} y2={chainY} stroke={tint} strokeWidth={8} />
      {TEETH.map((n) => (
        <Circle key={n} cx={x + n * PITCH + 26} cy={chainY} r={3} fill={colors.cloth} />
      ))}
    </G>
  );
}
