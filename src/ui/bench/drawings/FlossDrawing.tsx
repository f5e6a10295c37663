import { G, Path, Rect } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { Label } from './Label';

/** Half the height of each cog, seen edge on from behind, the smallest first. */
const COGS = [30, 36, 42, 48, 54, 60] as const;
const FIRST_X = 100;
const GAP = 28;
const AXLE_Y = 84;

/** Between the cogs: a rag's edge drawn to and fro, and a pipe cleaner where it is narrow. */
export function FlossDrawing({ colors }: { colors: Colors }) {
  const rag = FIRST_X + 1.5 * GAP + 3;
  const cleaner = FIRST_X + 3.5 * GAP + 3;
  return (
    <G>
      <Rect x={84} y={AXLE_Y - 12} width={190} height={24} rx={6} fill={colors.line} />
      {COGS.map((half, n) => (
        <Rect
          key={half}
          x={FIRST_X + n * GAP}
          y={AXLE_Y - half}
          width={6}
          height={half * 2}
          rx={3}
          fill={colors.inkSoft}
        />
      ))}
      <Path
        d={`M${rag - 12} 12 L${rag + 12} 12 L${rag + 8} 66 Q${rag} 76 ${rag - 8} 66 Z`}
        fill={colors.tape}
        stroke={colors.ink}
        strokeWidth={1.5}
      />
      <Path
        d={`M${cleaner} 8 L${cleaner} 72`}
        stroke={colors.ink}
        strokeWidth={10}
        strokeDasharray="2 2"
      />
      <Path d={`M${cleaner} 4 L${cleaner} 72`} stroke={colors.tape} strokeWidth={3} />
      <Path
        d={`M${rag - 26} 22 L${rag - 26} 54 M${rag - 32} 30 L${rag - 26} 22 L${rag - 20} 30 M${rag - 32} 46 L${rag - 26} 54 L${rag - 20} 46`}
        fill="none"
        stroke={colors.danger}
        strokeWidth={2.5}
        strokeLinecap="round"
      />
      <Label x={64} y={26} color={colors.ink}>
        rag or hem
      </Label>
      <Label x={268} y={18} color={colors.ink}>
        pipe cleaner
      </Label>
      <Label x={170} y={164} color={colors.ink}>
        right down to the bottom, on both sides
      </Label>
    </G>
  );
}
