import { Circle, G, Line, Path } from 'react-native-svg';
import { ChainRun } from '../../bench/drawings/ChainRun';
import { Cog } from '../../bench/drawings/Cog';
import { Label } from '../../bench/drawings/Label';
import type { Colors } from '../../theme/colors';

/** The cranks turned back, the chain leaves the lower jockey wheel forwards: one link keeps its bend and stands up. */
export function StiffLink({ colors }: { colors: Colors }) {
  return (
    <G>
      <Cog x={84} y={78} r={44} teeth={11} colors={colors} />
      <Path
        d="M108 34 A50 50 0 0 0 34 78 A50 50 0 0 0 84 128"
        fill="none"
        stroke={colors.ink}
        strokeWidth={7}
        strokeDasharray="11 3"
      />
      <ChainRun from={[84, 128]} to={[172, 128]} colors={colors} pitch={15} />
      <ChainRun
        from={[172, 128]}
        to={[188, 112]}
        colors={colors}
        pitch={22}
        color={colors.danger}
      />
      <ChainRun
        from={[188, 112]}
        to={[206, 126]}
        colors={colors}
        pitch={22}
        color={colors.danger}
      />
      <ChainRun from={[206, 126]} to={[326, 128]} colors={colors} pitch={15} />
      <Circle cx={188} cy={114} r={22} fill="none" stroke={colors.danger} strokeWidth={2} />
      <Line x1={202} y1={96} x2={226} y2={70} stroke={colors.inkSoft} strokeWidth={1.5} />
      <Label x={248} y={40} color={colors.danger} strong>
        Stays bent
      </Label>
      <Label x={248} y={60} color={colors.ink}>
        and jumps over the wheels
      </Label>
      <Label x={84} y={158} color={colors.ink}>
        Lower jockey wheel
      </Label>
    </G>
  );
}
