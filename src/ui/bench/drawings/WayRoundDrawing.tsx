import { Drivetrain, onLowerRun, type LyingProps } from './Drivetrain';
import { PlateArrow } from './PlateArrow';
import { Turned } from './Turned';

/** A chain that runs one way: its arrow forward on the run that pulls, backward on the other. */
export function WayRoundDrawing({ colors, hasDerailleur, upsideDown }: LyingProps) {
  const [x, y] = onLowerRun(hasDerailleur, 0.5);
  return (
    <Turned
      upsideDown={upsideDown}
      labels={[
        { x: 162, y: 14, says: 'the run that pulls: forward' },
        { x: 180, y: 164, says: 'the other run: backward' },
      ]}
      ink={colors.ink}
    >
      <Drivetrain colors={colors} hasDerailleur={hasDerailleur} />
      <PlateArrow x={161} y={32.5} tilt={-5} back={false} colors={colors} />
      <PlateArrow x={x} y={y} tilt={hasDerailleur ? -9 : 9} back colors={colors} />
    </Turned>
  );
}
