import { Path } from 'react-native-svg';
import { Drivetrain, onLowerRun, CRANK, type LyingProps } from './Drivetrain';
import { Turned } from './Turned';

/** Where to hold the rag: round the run away from the pull, well before the cassette, and which way the cranks turn. */
export function RagDrawing({
  colors,
  hasDerailleur,
  turning,
  upsideDown,
}: LyingProps & { turning: boolean }) {
  const [x, y] = onLowerRun(hasDerailleur, 0.55);
  return (
    <Turned
      upsideDown={upsideDown}
      labels={[{ x, y: 164, says: 'rag here, fingers away from cogs' }]}
      ink={colors.ink}
    >
      <Drivetrain colors={colors} hasDerailleur={hasDerailleur} />
      <Path
        d={`M${x - 26} ${y - 4} q6 -18 26 -14 q22 -4 26 10 q4 22 -14 24 q-22 8 -34 -2 q-10 -6 -4 -18z`}
        fill={colors.tape}
        stroke={colors.ink}
        strokeWidth={1.5}
      />
      <Path
        d={`M${x - 14} ${y - 8} q10 6 4 18 M${x + 4} ${y - 12} q8 8 2 22`}
        fill="none"
        stroke={colors.ink}
        strokeWidth={1}
      />
      {turning ? (
        <>
          <Path
            d={`M${CRANK.x + 22} ${CRANK.y - 4} a22 22 0 1 0 -22 26`}
            fill="none"
            stroke={colors.ink}
            strokeWidth={2.5}
          />
          <Path d={`M${CRANK.x - 8} ${CRANK.y + 16} l9 6 -8 7z`} fill={colors.ink} />
        </>
      ) : null}
    </Turned>
  );
}
