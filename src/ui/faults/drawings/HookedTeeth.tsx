import { G, Line, Path } from 'react-native-svg';
import { Label } from '../../bench/drawings/Label';
import type { Colors } from '../../theme/colors';

/** Teeth as they are new, even to both sides, and worn to hooks that lean the way the chain pulls. */
export function HookedTeeth({ colors }: { colors: Colors }) {
  return (
    <G>
      <Path d={teeth(16, NEW)} fill={colors.line} stroke={colors.done} strokeWidth={2.5} />
      <Path d={teeth(186, HOOKED)} fill={colors.line} stroke={colors.danger} strokeWidth={2.5} />
      <Line x1={170} x2={170} y1={10} y2={160} stroke={colors.line} strokeWidth={2} />
      <Label x={84} y={152} color={colors.done} strong>
        New: even
      </Label>
      <Label x={256} y={152} color={colors.danger} strong>
        Worn: hooked
      </Label>
    </G>
  );
}

/** One tooth from its foot on, 30 wide, and the gap after it. */
const NEW = 'c4 0 7 -12 10 -52 c1 -7 9 -7 10 0 c3 40 6 52 10 52';
const HOOKED = 'c2 -2 0 -22 -4 -50 c-1 -7 5 -8 10 -2 c8 12 16 34 24 52';
const GAP = 'c5 10 11 10 16 0';

/** Three teeth on a piece of rim. */
const teeth = (x: number, tooth: string): string =>
  `M${x} 106 l8 0 ${tooth} ${GAP} ${tooth} ${GAP} ${tooth} l8 0 V130 H${x} Z`;
