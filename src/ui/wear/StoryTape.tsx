import { useEffect, useMemo, useRef, useState } from 'react';
import { Pressable, ScrollView, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import type { Garage } from '@/core/records/garage';
import { formatDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { LANES, spansOf, ZOOMS, type Span, type Zoom } from '@/core/wear/lanes';
import type { ServiceRow } from '@/core/wear/service';
import { STORY_COLUMNS, storyRows } from '@/core/words/tables/story';
import { LANE_LABEL, spanSentence, ZOOM_LABEL } from '@/core/words/story';
import { Legend } from '../charts/Legend';
import { TableBehind } from '../charts/TableBehind';
import { Choice } from '../form/Choice';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import {
  LANE_PX,
  spanAt,
  STORY_HEIGHT,
  storyScale,
  timeAt,
  xOf,
  type StoryScale,
} from './storyShapes';
import { useWritten } from '../useSay';
import { ServiceLine } from './ServiceLine';
import { StoryWindow } from './StoryWindow';

interface Props {
  /** Newest first. */
  rows: readonly ServiceRow[];
  garage: Garage;
  units: Units;
  now: number;
}

/** Room of the lanes' names, px. */
const NAMES_PX = 76;

/** A whole life on one long tape: rides by weather below, all else in lanes above; from years down to days. */
export function StoryTape({ rows, garage, units, now }: Props) {
  const colors = useColors();
  const { weekStart } = useWritten();
  const [zoom, setZoom] = useState<Zoom>('years');
  const [picked, setPicked] = useState<Span | null>(null);
  const spans = useMemo(() => spansOf(rows, zoom, weekStart), [rows, zoom, weekStart]);
  const scale = useMemo(() => storyScale(spans, zoom, now), [spans, zoom, now]);
  return (
    <View style={styles.story}>
      <Choice
        label="How close"
        options={ZOOMS.map((value) => ({ value, label: ZOOM_LABEL[value] }))}
        value={zoom}
        onChange={(next) => {
          setPicked(null);
          setZoom(next);
        }}
      />
      <Legend
        shape="block"
        edge={colors.lineStrong}
        title={`Rides, up to ${formatDistance(scale.mostKm, units)}`}
        keys={[
          { name: 'Dry roads', color: colors.gritLight },
          { name: 'Damp and wet', color: colors.ink },
        ]}
      />
      <View style={styles.row}>
        <Names />
        <Reel spans={spans} scale={scale} picked={picked} onPick={setPicked} />
      </View>
      {picked ? (
        <View style={styles.picked} aria-live="polite">
          <Txt variant="label">{spanSentence(picked, zoom, units)}</Txt>
          {picked.rows.slice(0, SHOWN).map((row) => (
            <ServiceLine key={row.event.id} row={row} garage={garage} units={units} />
          ))}
        </View>
      ) : (
        <Txt variant="small" tone="inkSoft">
          Touch a day to see what happened.
        </Txt>
      )}
      <TableBehind
        of="Month by month"
        columns={STORY_COLUMNS}
        rows={() => storyRows(spansOf(rows, 'days', weekStart), units)}
      />
    </View>
  );
}
/** A week holds no more that is worth reading here. */
const SHOWN = 30;

/** What each lane holds. */
const Names = () => (
  <View style={styles.names} aria-hidden>
    {[...LANES.map((lane) => LANE_LABEL[lane]), 'Spent'].map((label) => (
      <View key={label} style={styles.name}>
        <Txt variant="small" tone="inkSoft" style={styles.label}>
          {label}
        </Txt>
      </View>
    ))}
    <Txt variant="small" tone="inkSoft" style={styles.label}>
      Rides
    </Txt>
  </View>
);

interface ReelProps {
  spans: readonly Span[];
  scale: StoryScale;
  picked: Span | null;
  onPick: (span: Span | null) => void;
}

/** The tape itself: only what is in view, and a screen to each side, is drawn. */
function Reel({ spans, scale, picked, onPick }: ReelProps) {
  const reel = useRef<ScrollView>(null);
  const [width, setWidth] = useState(0);
  const [left, setLeft] = useState(0);
  // The moment in the middle stays there when one looks closer.
  const middle = useRef<number | null>(null);
  useEffect(() => {
    if (width === 0) return;
    const to = middle.current === null ? scale.width : xOf(scale, middle.current) - width / 2;
    const x = Math.min(Math.max(0, to), Math.max(0, scale.width - width));
    reel.current?.scrollTo({ x, animated: false });
    setLeft(x);
  }, [scale, width]);
  const drawn = Math.min(Math.max(scale.width, width), 3 * width);
  const start = Math.max(0, Math.min(left - width, Math.max(scale.width, width) - drawn));
  const press = (event: GestureResponderEvent) => {
    const { locationX, pageX } = event.nativeEvent;
    const box = (event.currentTarget as unknown as HTMLElement).getBoundingClientRect?.();
    onPick(spanAt(spans, scale, box ? pageX - box.left : locationX));
  };
  return (
    <ScrollView
      ref={reel}
      horizontal
      tabIndex={0}
      role="group"
      aria-label="The tape, oldest left"
      style={styles.reel}
      scrollEventThrottle={16}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      onScroll={({ nativeEvent: { contentOffset } }) => {
        middle.current = timeAt(scale, contentOffset.x + width / 2);
        if (Math.abs(contentOffset.x - left) > width / 2) setLeft(contentOffset.x);
      }}
    >
      <Pressable
        tabIndex={-1}
        onPress={press}
        style={{ width: Math.max(scale.width, width), height: STORY_HEIGHT }}
      >
        <View style={[styles.window, { left: start }]}>
          <StoryWindow {...{ spans, scale, picked, start }} width={drawn} />
        </View>
      </Pressable>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  story: { gap: 10 },
  row: { flexDirection: 'row' },
  names: { width: NAMES_PX },
  // As large as its lane has room for, like the figures of the drawing; the table behind it grows with the text.
  label: { fontSize: 14, lineHeight: 20 },
  name: { height: LANE_PX, justifyContent: 'center' },
  // At its ends the tape stops: it does not take the browser a page back.
  reel: { flex: 1, minWidth: 0, ...({ overscrollBehaviorX: 'contain' } as object) },
  window: { position: 'absolute', top: 0 },
  picked: { gap: 2 },
});
