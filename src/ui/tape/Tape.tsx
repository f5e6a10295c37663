import { useEffect, useMemo, useState } from 'react';
import { PanResponder, StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { StepInFull } from '@/core/care';
import type { UnitSystem } from '@/core/units';
import { useColors, type Colors } from '../theme';
import {
  panTo,
  stitchAt,
  TAPE,
  tapeGeometry,
  type TapeInput,
  type TapeShapes,
} from './tapeGeometry';
import { weaveId, Weaves } from './Weaves';

interface Props {
  input: TapeInput;
  units: UnitSystem;
  /** Words on the chalk mark: what falls due there. */
  chalkLabel: string;
  /** Said to those who cannot see the drawing. */
  summary: string;
  selectedId: string | null;
  onSelect: (rideId: string | null) => void;
}

const KM_PER_PX = 1.25;
const MOST_KM = 620;
/** At rest the tape shows this much of what was ridden, where there is room. */
const PAST_KM = 300;
const TAP_PX = 6;

/**
 * The tailor's tape of one chain: film above, the tape with rides as stitches over the weather's
 * weave, grit below; behind now what was, ahead what may come. Drag it, tap a stitch, or use the
 * arrow keys.
 */
export function Tape({ input, units, chalkLabel, summary, selectedId, onSelect }: Props) {
  const colors = useColors();
  const [width, setWidth] = useState(0);
  const spanKm = Math.min(MOST_KM, width * KM_PER_PX);
  // Null: at rest, with now in view.
  const [offset, setOffset] = useState<number | null>(null);
  const leftKm = offset ?? restingLeft(spanKm, aheadKm(input));
  const shapes = useMemo(
    () => tapeGeometry(input, { widthPx: width, spanKm, leftKm, units }),
    [input, width, spanKm, leftKm, units],
  );
  const pan = usePan({
    leftKm,
    kmPerPx: width > 0 ? spanKm / width : 0,
    move: (km) => setOffset(panTo(km, { spanKm }, riddenKm(input), aheadKm(input))),
    tap: (px) => onSelect(stitchAt(shapes, px)),
  });
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (event.key === 'Home') setOffset(null);
    if (by === undefined) return;
    event.preventDefault();
    const next = neighbour(input.steps, selectedId, by);
    if (!next?.after) return;
    onSelect(next.event.id);
    const km = next.after.km - input.nowKm;
    if (km < leftKm + 20 || km > leftKm + spanKm - 20)
      setOffset(panTo(km - spanKm / 2, { spanKm }, riddenKm(input), aheadKm(input)));
  };
  return (
    <View
      role="figure"
      aria-label={`${summary} Arrow keys walk through the rides.`}
      tabIndex={0}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={styles.tape}
      {...pan.panHandlers}
      {...({ onKeyDown } as object)}
    >
      {width > 0 ? (
        <Svg width={width} height={TAPE.height} aria-hidden>
          <Weaves ink={colors.onTape} />
          <Film shapes={shapes} colors={colors} width={width} />
          <Band shapes={shapes} colors={colors} width={width} selectedId={selectedId} />
          <Grit shapes={shapes} colors={colors} width={width} />
          <Marks shapes={shapes} colors={colors} width={width} chalkLabel={chalkLabel} />
        </Svg>
      ) : null}
    </View>
  );
}

/** Left edge at rest: the last 300 km, more where there is room, and what lies ahead. */
const restingLeft = (spanKm: number, ahead: number) =>
  -Math.min(spanKm * 0.68, Math.max(PAST_KM, spanKm - ahead));

const riddenKm = (input: TapeInput) =>
  input.nowKm - (input.steps[0]?.after?.km ?? input.nowKm) + 20;
const aheadKm = (input: TapeInput) => (input.verdict.distanceKm?.high ?? 0) + 80;

function neighbour(
  steps: readonly StepInFull[],
  id: string | null,
  by: number,
): StepInFull | undefined {
  const rides = steps.filter((s) => s.event.type === 'rideLogged');
  const at = rides.findIndex((s) => s.event.id === id);
  if (at < 0) return rides.at(-1);
  return rides[Math.min(rides.length - 1, Math.max(0, at + by))];
}

interface PanTarget {
  leftKm: number;
  kmPerPx: number;
  move: (leftKm: number) => void;
  tap: (px: number) => void;
}

/** Dragging along the tape; a touch that does not move is a tap. Up and down still scrolls the page. */
function usePan(target: PanTarget) {
  const [pan] = useState(() => createPan(target));
  useEffect(() => {
    pan.aim(target);
  });
  return pan.responder;
}

function createPan(first: PanTarget) {
  let target = first;
  let start = 0;
  const responder = PanResponder.create({
    onStartShouldSetPanResponder: () => true,
    onMoveShouldSetPanResponder: (_, g) => Math.abs(g.dx) > TAP_PX,
    onPanResponderTerminationRequest: () => true,
    onPanResponderGrant: () => {
      start = target.leftKm;
    },
    onPanResponderMove: (_, g) => {
      if (Math.abs(g.dx) > TAP_PX) target.move(start - g.dx * target.kmPerPx);
    },
    onPanResponderRelease: (event, g) => {
      if (Math.abs(g.dx) > TAP_PX || Math.abs(g.dy) > TAP_PX) return;
      const element = event.currentTarget as unknown as HTMLElement;
      const left = element.getBoundingClientRect().left;
      target.tap(event.nativeEvent.pageX - window.scrollX - left);
    },
  });
  const aim = (next: PanTarget) => {
    target = next;
  };
  return { responder, aim };
}

interface PartProps {
  shapes: TapeShapes;
  colors: Colors;
  width: number;
}

/** Chalk on the tape is chalk in both schemes: the tape is yellow in both. */
const PALE = '#fffdf8';

const AXIS = { fontFamily: 'Hanken Grotesk', fontSize: 12, fontWeight: '500' } as const;

function Film({ shapes, colors, width }: PartProps) {
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

function Band({ shapes, colors, width, selectedId }: PartProps & { selectedId: string | null }) {
  const middle = (TAPE.bandTop + TAPE.bandBottom) / 2;
  const weaveTop = TAPE.bandBottom - 14;
  return (
    <G>
      <Rect
        x={0}
        y={TAPE.bandTop}
        width={width}
        height={TAPE.bandBottom - TAPE.bandTop}
        fill={colors.tape}
      />
      <Rect
        x={Math.max(0, shapes.nowX)}
        y={TAPE.bandTop}
        width={Math.max(0, width - Math.max(0, shapes.nowX))}
        height={TAPE.bandBottom - TAPE.bandTop}
        fill={PALE}
        opacity={0.5}
      />
      {shapes.stitches.map((s) => (
        <G key={s.id}>
          <Rect
            x={s.from}
            y={weaveTop}
            width={Math.max(1, s.to - s.from)}
            height={TAPE.bandBottom - weaveTop}
            fill={`url(#${weaveId(s.weave)})`}
          />
          <Line
            x1={s.from + 2}
            x2={Math.max(s.from + 3, s.to - 2)}
            y1={middle + 1}
            y2={middle + 1}
            stroke={s.id === selectedId ? colors.danger : colors.onTape}
            strokeWidth={s.id === selectedId ? 6 : 3}
            strokeLinecap="round"
          />
          {s.salted ? (
            <Circle cx={(s.from + s.to) / 2} cy={middle + 1} r={2.5} fill={PALE} />
          ) : null}
        </G>
      ))}
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
      {shapes.pins.map((pin) => (
        <G key={pin.id}>
          <Line
            x1={pin.x}
            x2={pin.x}
            y1={TAPE.bandTop - 4}
            y2={middle + 4}
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
    </G>
  );
}

function Grit({ shapes, colors, width }: PartProps) {
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

function Marks({ shapes, colors, width, chalkLabel }: PartProps & { chalkLabel: string }) {
  const { nowX, chalkX } = shapes;
  const top = TAPE.bandTop;
  return (
    <G>
      <Line x1={nowX} x2={nowX} y1={6} y2={TAPE.gritBottom} stroke={colors.ink} strokeWidth={2} />
      <Rect x={nowX - 19} y={0} width={38} height={18} rx={4} fill={colors.ink} />
      <SvgText x={nowX} y={13} textAnchor="middle" fill={colors.chalk} {...AXIS} fontWeight="700">
        now
      </SvgText>
      {chalkX !== null && chalkLabel ? (
        <G>
          <Path
            d={`M${chalkX - 7} ${top + 8}L${chalkX + 7} ${top + 38}M${chalkX + 7} ${top + 8}L${chalkX - 7} ${top + 38}`}
            stroke={colors.onTape}
            strokeWidth={7}
            strokeLinecap="round"
          />
          <Path
            d={`M${chalkX - 7} ${top + 8}L${chalkX + 7} ${top + 38}M${chalkX + 7} ${top + 8}L${chalkX - 7} ${top + 38}`}
            stroke={PALE}
            strokeWidth={4}
            strokeLinecap="round"
          />
          <SvgText
            x={Math.min(chalkX, width - chalkLabel.length * 3.6 - 4)}
            y={top - 8}
            textAnchor="middle"
            fill={colors.ink}
            {...AXIS}
            fontSize={13}
            fontWeight="700"
          >
            {chalkLabel}
          </SvgText>
        </G>
      ) : null}
    </G>
  );
}

const styles = StyleSheet.create({
  tape: {
    height: TAPE.height,
    cursor: 'grab' as 'pointer',
    touchAction: 'pan-y' as 'auto',
    userSelect: 'none',
  } as object,
});
