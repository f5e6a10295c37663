import { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { PALE, type PartProps } from './layers';
import { TAPE } from './tapeGeometry';
import { weaveId } from './weave';

type BandProps = PartProps & { selectedId: string | null };

/** The tape itself: ground, rides, what is to come, kilometres, work. */
export function Band(props: BandProps) {
  const { shapes, colors, width } = props;
  const nowX = Math.max(0, shapes.nowX);
  const height = TAPE.bandBottom - TAPE.bandTop;
  return (
    <G>
      <Rect x={0} y={TAPE.bandTop} width={width} height={height} fill={colors.tape} />
      <Rect
        x={nowX}
        y={TAPE.bandTop}
        width={Math.max(0, width - nowX)}
        height={height}
        fill={PALE}
        opacity={0.5}
      />
      <Rides {...props} />
      <Kilometres {...props} />
      <Pins {...props} />
    </G>
  );
}

const BAND_MIDDLE = (TAPE.bandTop + TAPE.bandBottom) / 2;
const WEAVE_TOP = TAPE.bandBottom - 14;

const Rides = ({ shapes, colors, selectedId }: BandProps) => (
  <>
    {shapes.stitches.map((s) => (
      <G key={s.id}>
        <Rect
          x={s.from}
          y={WEAVE_TOP}
          width={Math.max(1, s.to - s.from)}
          height={TAPE.bandBottom - WEAVE_TOP}
          fill={`url(#${weaveId(s.weave, 'tape')})`}
        />
        <Line
          x1={s.from + 2}
          x2={Math.max(s.from + 3, s.to - 2)}
          y1={BAND_MIDDLE + 1}
          y2={BAND_MIDDLE + 1}
          stroke={s.id === selectedId ? colors.danger : colors.onTape}
          strokeWidth={s.id === selectedId ? 6 : 3}
          strokeLinecap="round"
        />
        {s.salted ? (
          <Circle cx={(s.from + s.to) / 2} cy={BAND_MIDDLE + 1} r={2.5} fill={PALE} />
        ) : null}
      </G>
    ))}
    {shapes.toCome.map((r) => (
      <Line
        key={r.from}
        x1={r.from + 2}
        x2={Math.max(r.from + 3, r.to - 2)}
        y1={BAND_MIDDLE + 1}
        y2={BAND_MIDDLE + 1}
        stroke={colors.onTape}
        strokeWidth={2}
        strokeLinecap="round"
        opacity={0.75}
      />
    ))}
  </>
);

const Kilometres = ({ shapes, colors }: PartProps) => (
  <>
    {shapes.ticks.map((tick) => (
      <G key={tick.x}>
        <Line
          x1={tick.x}
          x2={tick.x}
          y1={TAPE.bandTop}
          y2={TAPE.bandTop + (tick.label ? 8 : 5)}
          stroke={colors.onTape}
          strokeWidth={tick.label ? 1.5 : 1}
        />
        {tick.label ? (
          <SvgText
            x={tick.x + 3}
            y={TAPE.bandTop + 13}
            fill={colors.onTape}
            fontFamily="Red Hat Mono"
            fontSize={11}
            fontWeight="600"
          >
            {tick.label}
          </SvgText>
        ) : null}
      </G>
    ))}
  </>
);

/** Work done, a filled head where lube went on. */
const Pins = ({ shapes, colors }: PartProps) => (
  <>
    {shapes.pins.map((pin) => (
      <G key={pin.id}>
        <Line
          x1={pin.x}
          x2={pin.x}
          y1={TAPE.bandTop - 4}
          y2={BAND_MIDDLE + 4}
          stroke={colors.done}
          strokeWidth={2}
        />
        <Circle
          cx={pin.x}
          cy={TAPE.bandTop - 5}
          r={4.5}
          fill={pin.lubed ? colors.done : colors.chalk}
          stroke={colors.done}
          strokeWidth={2}
        />
      </G>
    ))}
  </>
);
