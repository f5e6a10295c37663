import { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Colors } from '../theme';
import { TAPE, type TapeShapes } from './tapeGeometry';

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
      <Path d={film.spread} fill={colors.spread} opacity={0.55} />
      <Line
        x1={0}
        x2={width}
        y1={film.limitY}
        y2={film.limitY}
        stroke={colors.danger}
        strokeDasharray="2 4"
      />
      <Path d={film.past} fill="none" stroke={colors.ink} strokeWidth={2.5} />
      <Path
        d={film.ahead}
        fill="none"
        stroke={colors.ink}
        strokeWidth={2}
        strokeDasharray="5 4"
        opacity={0.7}
      />
      <SvgText x={4} y={12} fill={colors.inkSoft} {...AXIS}>
        Lube film, full to none
      </SvgText>
      <SvgText x={width - 4} y={film.limitY - 4} textAnchor="end" fill={colors.danger} {...AXIS}>
        lube here
      </SvgText>
    </G>
  );
}

export function Grit({ shapes, colors, width }: PartProps) {
  const { outside, inside } = shapes;
  return (
    <G>
      <Path d={outside.past} fill={colors.gritLight} opacity={0.8} />
      <Path d={outside.ahead} fill={colors.gritLight} opacity={0.4} />
      <Path d={inside.past} fill={colors.gritDark} opacity={0.9} />
      <Path d={inside.ahead} fill={colors.gritDark} opacity={0.45} />
      <Line
        x1={0}
        x2={width}
        y1={outside.limitY}
        y2={outside.limitY}
        stroke={colors.danger}
        strokeDasharray="2 4"
      />
      <SvgText x={4} y={TAPE.gritBottom + 12} fill={colors.inkSoft} {...AXIS}>
        Grit: light outside, dark inside
      </SvgText>
      <SvgText
        x={width - 4}
        y={outside.limitY + 13}
        textAnchor="end"
        fill={colors.danger}
        {...AXIS}
      >
        wipe here
      </SvgText>
    </G>
  );
}

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
        <Chalk
          key={n}
          x={chalk.x}
          // Words only where the mark before leaves room for them.
          label={n === 0 || chalk.x - (chalks[n - 1]?.x ?? 0) > ROOM_PX ? chalk.label : ''}
          colors={colors}
          width={width}
        />
      ))}
    </G>
  );
}

const ROOM_PX = 90;

/** A tailor's cross in chalk, with what falls due there. */
function Chalk({
  x,
  label,
  colors,
  width,
}: Pick<PartProps, 'colors' | 'width'> & { x: number; label: string }) {
  const top = TAPE.bandTop;
  const cross = `M${x - 7} ${top + 8}L${x + 7} ${top + 38}M${x + 7} ${top + 8}L${x - 7} ${top + 38}`;
  return (
    <G>
      <Path d={cross} stroke={colors.onTape} strokeWidth={7} strokeLinecap="round" />
      <Path d={cross} stroke={PALE} strokeWidth={4} strokeLinecap="round" />
      {label ? (
        <SvgText
          x={Math.min(x, width - label.length * 3.6 - 4)}
          y={top - 8}
          textAnchor="middle"
          fill={colors.ink}
          {...AXIS}
          fontSize={13}
          fontWeight="700"
        >
          {label}
        </SvgText>
      ) : null}
    </G>
  );
}
