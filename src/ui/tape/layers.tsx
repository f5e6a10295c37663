import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Colors } from '../theme/colors';
import { TAPE, type Meeting, type TapeShapes } from './tapeGeometry';

/** What every layer of the drawing needs. */
export interface PartProps {
  shapes: TapeShapes;
  colors: Colors;
  width: number;
}

/** Chalk on the tape is chalk in both schemes: the tape is yellow in both. */
export const PALE = '#fffdf8';

const AXIS = { fontFamily: 'Hanken Grotesk', fontSize: 12, fontWeight: '500' } as const;

export function Film({ shapes, colors, width }: PartProps) {
  const { film } = shapes;
  return (
    <G>
      <Path d={film.spread} fill={colors.spread} stroke={colors.lineStrong} />
      <Line
        x1={0}
        x2={width}
        y1={film.limitY}
        y2={film.limitY}
        stroke={colors.danger}
        strokeDasharray="2 4"
      />
      <Path d={film.past} fill="none" stroke={colors.ink} strokeWidth={2.5} />
      <Path d={film.ahead} fill="none" stroke={colors.ink} strokeWidth={2} strokeDasharray="5 4" />
      <SvgText x={4} y={12} fill={colors.inkSoft} {...AXIS}>
        Lube, full to none
      </SvgText>
      <Due meeting={shapes.lubeDue} nowX={shapes.nowX} colors={colors} width={width} above />
    </G>
  );
}

export function Grit({ shapes, colors, width }: PartProps) {
  const { outside, inside } = shapes;
  return (
    <G>
      {[
        { d: outside.past, fill: colors.gritLight, opacity: 0.8 },
        { d: outside.ahead, fill: colors.gritLight, opacity: 0.4 },
        { d: inside.past, fill: colors.gritDark, opacity: 0.9 },
        { d: inside.ahead, fill: colors.gritDark, opacity: 0.45 },
      ].map(({ d, fill, opacity }, n) => (
        // An edge around each, since the cloth of one is too like that of the other.
        <Path key={n} d={d} fill={fill} fillOpacity={opacity} stroke={colors.inkSoft} />
      ))}
      <Line
        x1={0}
        x2={width}
        y1={outside.limitY}
        y2={outside.limitY}
        stroke={colors.danger}
        strokeDasharray="2 4"
      />
      <SvgText x={4} y={TAPE.gritBottom + 12} fill={colors.inkSoft} {...AXIS}>
        Dirt: light outside, dark inside
      </SvgText>
      <Due
        meeting={shapes.dirtDue}
        nowX={shapes.nowX}
        colors={colors}
        width={width}
        above={false}
      />
    </G>
  );
}

interface DueProps {
  meeting: Meeting | null;
  /** Its words stand to the right of now. */
  nowX: number;
  colors: Colors;
  width: number;
  /** Words above the line, or below it. */
  above: boolean;
}

/** A ring where a line meets its limit, with the distance till then; beyond the edge only the words, with an arrow. */
function Due({ meeting, nowX, colors, width, above }: DueProps) {
  if (!meeting) return null;
  const { x, y, label, beyond } = meeting;
  const words = beyond ? `${label} ›` : label;
  const room = words.length * LETTER_PX;
  const right = width - room / 2 - 4;
  const middle = beyond ? right : Math.min(right, Math.max(x, nowX + room / 2 + 8, room / 2 + 4));
  return (
    <G>
      {beyond ? null : (
        <Circle cx={x} cy={y} r={5} fill={colors.chalk} stroke={colors.danger} strokeWidth={2.5} />
      )}
      <Words x={middle} y={above ? y - 10 : y + 20} fill={colors.danger} colors={colors}>
        {words}
      </Words>
    </G>
  );
}

interface WordsProps {
  x: number;
  y: number;
  fill: string;
  colors: Colors;
  children: string;
}

/** Words with the ground of the page around them, so that no line of the drawing runs through them. */
const Words = ({ x, y, fill, colors, children }: WordsProps) =>
  [{ stroke: colors.chalk, strokeWidth: HALO_PX }, {}].map((halo, n) => (
    <SvgText
      key={n}
      x={x}
      y={y}
      textAnchor="middle"
      fill={fill}
      {...AXIS}
      {...halo}
      fontWeight="700"
    >
      {children}
    </SvgText>
  ));

/** Width of a letter of the axis, to keep words within the drawing. */
const LETTER_PX = 6.6;
const HALO_PX = 4;

export function Marks({ shapes, colors, width }: PartProps) {
  const { nowX, chalks } = shapes;
  return (
    <G>
      <Line x1={nowX} x2={nowX} y1={6} y2={TAPE.gritBottom} stroke={colors.ink} strokeWidth={2} />
      <Rect x={nowX - 19} y={0} width={38} height={18} rx={4} fill={colors.ink} />
      <SvgText x={nowX} y={13} textAnchor="middle" fill={colors.chalk} {...AXIS} fontWeight="700">
        now
      </SvgText>
      {chalks.map((chalk, n) => (
        <Chalk key={n} x={chalk.x} label={chalk.label} colors={colors} width={width} />
      ))}
    </G>
  );
}

/** A tailor's cross in chalk, with what falls due there. */
function Chalk({
  x,
  label,
  colors,
  width,
}: Pick<PartProps, 'colors' | 'width'> & { x: number; label: string }) {
  const top = TAPE.bandTop;
  // Below the figures, which stay readable.
  const cross = `M${x - 7} ${top + 18}L${x + 7} ${top + 40}M${x + 7} ${top + 18}L${x - 7} ${top + 40}`;
  return (
    <G>
      <Path d={cross} stroke={colors.onTape} strokeWidth={7} strokeLinecap="round" />
      <Path d={cross} stroke={PALE} strokeWidth={4} strokeLinecap="round" />
      {label ? (
        <Words
          x={Math.min(x, width - label.length * 3.6 - 4)}
          y={top - 8}
          fill={colors.ink}
          colors={colors}
        >
          {label}
        </Words>
      ) : null}
    </G>
  );
}
