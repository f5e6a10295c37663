import { G, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { ChainRun } from './ChainRun';
import { Label } from './Label';

/** How to unload the link: a string takes the pull, and the link hangs slack between its ends. */
export function UnloadDrawing({ colors }: { colors: Colors }) {
  return (
    <G>
      <ChainRun from={[10, 60]} to={[106, 60]} colors={colors} />
      <ChainRun from={[234, 60]} to={[330, 60]} colors={colors} />
      <ChainRun from={[106, 60]} to={[150, 104]} colors={colors} />
      <ChainRun from={[190, 104]} to={[234, 60]} colors={colors} />
      <Rect
        x={146}
        y={96}
        width={48}
        height={17}
        rx={8}
        fill={colors.tape}
        stroke={colors.ink}
        strokeWidth={2}
      />
      <Path d="M106 54 C130 22 210 22 234 54" fill="none" stroke={colors.danger} strokeWidth={3} />
      <Label x={170} y={20} color={colors.ink}>
        the string takes the pull
      </Label>
      <Label x={170} y={140} color={colors.ink}>
        the link hangs slack: hold both ends
      </Label>
    </G>
  );
}
