import { Circle, Defs, Path, Pattern, Rect } from 'react-native-svg';
import { weaveId, type Weave } from './weave';

/** Weather as weave of the cloth under the stitches: the wetter, the denser; mud is knotted. */
const STROKES: Record<Weave, { d: string; width: number } | null> = {
  dry: null,
  unknown: null,
  dusty: { d: '', width: 0 },
  damp: { d: 'M-2 10L10 -2', width: 1 },
  wet: { d: 'M-2 4L4 -2M-2 10L10 -2M4 10L10 4', width: 1.4 },
  downpour: { d: 'M-2 4L4 -2M-2 10L10 -2M4 10L10 4M-2 4L4 10M-2 -2L10 10M4 -2L10 4', width: 1.4 },
  mud: { d: 'M0 2H8M0 6H8M2 0V8M6 0V8', width: 2 },
};

const WEAVES = Object.keys(STROKES) as Weave[];

interface Props {
  ink: string;
  prefix: string;
  /** The weaves the drawing needs; all of them by default. */
  only?: readonly Weave[];
}

/** The patterns, to be put once into a drawing. */
export function Weaves({ ink, prefix, only = WEAVES }: Props) {
  return (
    <Defs>
      {[...new Set(only)].map((weave) => {
        const stroke = STROKES[weave];
        return (
          <Pattern
            key={weave}
            id={weaveId(weave, prefix)}
            width={8}
            height={8}
            patternUnits="userSpaceOnUse"
          >
            <Rect width={8} height={8} fill="none" />
            {stroke?.d ? (
              <Path d={stroke.d} stroke={ink} strokeWidth={stroke.width} opacity={0.55} />
            ) : null}
            {weave === 'dusty' ? (
              <>
                <Circle cx={2} cy={2} r={0.9} fill={ink} opacity={0.5} />
                <Circle cx={6} cy={6} r={0.9} fill={ink} opacity={0.5} />
              </>
            ) : null}
          </Pattern>
        );
      })}
    </Defs>
  );
}
