import { Path } from 'react-native-svg';
import { Drivetrain, type LyingProps } from './Drivetrain';
import { PlateArrow } from './PlateArrow';
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
      <PlateArrow x={161} y={32.5} tilt={-5} back={false} colors={colors} />
      <Path
        d="M268 66 l34 34 m-6 -12 l6 12 -12 -5"
        fill="none"
        stroke={colors.ink}
        strokeWidth={3}
      />
    </Turned>
  );
}
