import { useEffect, useMemo, useState } from 'react';
import { PanResponder, StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import type { StepInFull } from '@/core/care/replay/step';
import type { Units } from '@/core/units/convert';
import { useColors } from '../theme/ThemeContext';
import { panTo, stitchAt } from './panning';
import { reachKm, TAPE, tapeGeometry, type TapeInput } from './tapeGeometry';
import { Band } from './Band';
import { Film, Grit, Marks } from './layers';
import { Weaves } from './Weaves';

interface Props {
  input: TapeInput;
  units: Units;
  /** Said to those who cannot see the drawing. */
  summary: string;
  selectedId: string | null;
  onSelect: (rideId: string | null) => void;
}

const KM_PER_PX = 1.25;
const MOST_KM = 620;
/** At rest the tape shows this much of what was ridden, where there is room. */
const PAST_KM = 200;
const TAP_PX = 6;

/**
 * The tailor's tape of one chain: film above, the tape with rides as stitches over the weather's
 * weave, grit below; behind now what was, ahead what may come. Drag it, tap a stitch, or use the
 * arrow keys.
 */
export function Tape({ input, units, summary, selectedId, onSelect }: Props) {
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
          <Weaves ink={colors.onTape} prefix="tape" />
          <Film shapes={shapes} colors={colors} width={width} />
          <Band shapes={shapes} colors={colors} width={width} selectedId={selectedId} />
          <Grit shapes={shapes} colors={colors} width={width} />
          <Marks shapes={shapes} colors={colors} width={width} />
        </Svg>
      ) : null}
    </View>
  );
}

/** Left edge at rest: the last 200 km, more where there is room, and what lies ahead. */
const restingLeft = (spanKm: number, ahead: number) =>
  -Math.min(spanKm * 0.68, Math.max(PAST_KM, spanKm - ahead));

const riddenKm = (input: TapeInput) =>
  input.nowKm - (input.steps[0]?.after?.km ?? input.nowKm) + 20;
const aheadKm = (input: TapeInput) => reachKm(input.verdict) + 20;

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

const styles = StyleSheet.create({
  tape: {
    height: TAPE.height,
    cursor: 'grab' as 'pointer',
    touchAction: 'pan-y' as 'auto',
    userSelect: 'none',
  } as object,
});
