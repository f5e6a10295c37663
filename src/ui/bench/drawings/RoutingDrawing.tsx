import { G, Line, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { ChainRun } from './ChainRun';
import { Cog } from './Cog';
import { Label } from './Label';

/** The chain through the cage: straight between the jockey wheels and inside the tab, and the wrong way. */
export function RoutingDrawing({ colors }: { colors: Colors }) {
  return (
    <G>
      <Cage x={80} right colors={colors} />
      <Cage x={250} right={false} colors={colors} />
      <Line x1={170} x2={170} y1={10} y2={160} stroke={colors.line} strokeWidth={2} />
    </G>
  );
}

function Cage({ x, right, colors }: { x: number; right: boolean; colors: Colors }) {
  const tint = right ? colors.done : colors.danger;
  const chainX = right ? x : x + 26;
  return (
    <G>
      <Rect
        x={x - 22}
        y={14}
        width={44}
        height={118}
        rx={20}
        fill="none"
        stroke={colors.inkSoft}
        strokeWidth={2}
      />
      <Cog x={x} y={36} r={17} teeth={10} colors={colors} />
      <Cog x={x} y={110} r={17} teeth={10} colors={colors} />
      {/* The tab reaches over the chain's way, from the cage's edge. */}
      <Path d={`M${x + 22} 66 l-2 14 l-8 0 l0 -14z`} fill={colors.ink} />
      <ChainRun
        from={[right ? x + 4 : x + 8, 50]}
        to={[chainX, 73]}
        colors={colors}
        pitch={10}
        color={tint}
      />
      <ChainRun
        from={[chainX, 73]}
        to={[right ? x - 4 : x + 8, 97]}
        colors={colors}
        pitch={10}
        color={tint}
      />
      <Label x={x} y={156} color={tint} strong>
        {right ? 'Right: inside the tab' : 'Wrong: over the tab'}
      </Label>
    </G>
  );
}
