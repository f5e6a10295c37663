import { G, Path, Rect } from 'react-native-svg';
import { Drivetrain, type LyingProps } from './Drivetrain';
import { Turned } from './Turned';

/** The closed link on the upper run, its arrow forward; the pedal pressed against the held brake seats it. */
export function ArrowDrawing({ colors, hasDerailleur, upsideDown }: LyingProps) {
  return (
    <Turned
      upsideDown={upsideDown}
      labels={[
        { x: 162, y: 14, says: 'link on the run that pulls, arrow forward' },
        { x: 282, y: 152, says: 'press, brake held' },
      ]}
      ink={colors.ink}
    >
      <Drivetrain colors={colors} hasDerailleur={hasDerailleur} />
      <G transform="rotate(-5 160 33)">
        <Rect
          x={140}
          y={24}
          width={42}
          height={17}
          rx={8}
          fill={colors.tape}
          stroke={colors.ink}
          strokeWidth={2}
        />
        <Path
          d="M149 32.5 h18 m-6 -5 l7 5 -7 5"
          fill="none"
          stroke={colors.onTape}
          strokeWidth={2.5}
        />
      </G>
      <Path
        d="M268 66 l34 34 m-6 -12 l6 12 -12 -5"
        fill="none"
        stroke={colors.ink}
        strokeWidth={3}
      />
    </Turned>
  );
}
