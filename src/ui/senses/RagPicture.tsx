import {
  createElement,
  useRef,
  type CSSProperties,
  type KeyboardEvent,
  type PointerEvent,
} from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Polygon } from 'react-native-svg';
import {
  HOLDS,
  holdsOf,
  pulled,
  withCorner,
  type Hold,
  type Outline,
  type Point,
} from '@/core/senses/rag/outline';
import type { Outlines } from '@/core/senses/rag/read';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** Address of the picture. */
  url: string;
  outlines: Outlines | null;
  /** Corners can be dragged. */
  moving: boolean;
  onOutlines: (outlines: Outlines) => void;
}

/** The picture with what was found in it: the rag's outline dashed, the marks' solid. */
export function RagPicture({ url, outlines, moving, onOutlines }: Props) {
  const colors = useColors();
  const frame = useRef<View>(null);
  const lines = outlines
    ? [
        { name: 'the rag', outline: outlines.rag, dash: '7 5' },
        ...outlines.marks.map((outline, n) => ({
          name: `mark ${n + 1}`,
          outline,
          dash: '0',
        })),
      ]
    : [];
  const placeOf = (x: number, y: number): Point => {
    const box = (frame.current as unknown as HTMLElement).getBoundingClientRect();
    return [(x - box.left) / box.width, (y - box.top) / box.height];
  };
  return (
    <View ref={frame} style={styles.frame}>
      <Picture url={url} />
      <Svg
        width="100%"
        height="100%"
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        style={StyleSheet.absoluteFill}
        aria-hidden
      >
        {lines.map(({ name, outline, dash }) => (
          <Line key={name} outline={outline} color={colors.tape} dash={dash} />
        ))}
      </Svg>
      {moving && outlines ? <Handles {...{ outlines, placeOf, onOutlines }} /> : null}
    </View>
  );
}

interface HandlesProps {
  outlines: Outlines;
  /** Where a point of the window lies in the picture. */
  placeOf: (x: number, y: number) => Point;
  onOutlines: (outlines: Outlines) => void;
}

/** What the outlines are dragged by: the rag's by its corners, a mark's by its sides and its middle. */
function Handles({ outlines, placeOf, onOutlines }: HandlesProps) {
  const { rag, marks } = outlines;
  const putMark = (n: number, mark: Outline) => onOutlines({ rag, marks: marks.with(n, mark) });
  return (
    <>
      {rag.map((at, n) => (
        <Handle
          key={n}
          name={`Corner ${n + 1} of the rag`}
          {...{ at, placeOf }}
          onMove={(to) => onOutlines({ rag: withCorner(rag, n, to), marks })}
        />
      ))}
      {marks.flatMap((outline, n) =>
        HOLDS.map((hold) => (
          <Handle
            key={`${n} ${hold}`}
            name={`${HOLD_WORDS[hold]} of mark ${n + 1}`}
            at={holdsOf(outline)[hold]}
            off={OFF[hold]}
            placeOf={placeOf}
            onMove={(to) => putMark(n, pulled(outline, hold, to))}
          />
        )),
      )}
    </>
  );
}

const Picture = ({ url }: { url: string }) =>
  createElement('img', {
    src: url,
    alt: 'The rag',
    style: { width: '100%', display: 'block', borderRadius: 10 },
  });

/** A line that is seen on light cloth and on dark. */
function Line({ outline, color, dash }: { outline: Outline; color: string; dash: string }) {
  const points = outline.map(([x, y]) => `${x},${y}`).join(' ');
  const line = { points, fill: 'none', vectorEffect: 'non-scaling-stroke' as const };
  return (
    <>
      <Polygon {...line} stroke="#101820" strokeWidth={4} />
      <Polygon {...line} stroke={color} strokeWidth={2} strokeDasharray={dash} />
    </>
  );
}

const HOLD_WORDS: Record<Hold, string> = {
  left: 'Left side',
  right: 'Right side',
  top: 'Upper side',
  bottom: 'Lower side',
  middle: 'Middle',
};

/** How far off its place a handle is drawn, px: outside of a small mark, so that each is hit by itself. */
const OUTSIDE = 15;
const OFF: Record<Hold, Point> = {
  left: [-OUTSIDE, 0],
  right: [OUTSIDE, 0],
  top: [0, -OUTSIDE],
  bottom: [0, OUTSIDE],
  middle: [0, 0],
};

interface HandleProps {
  name: string;
  at: Point;
  off?: Point;
  placeOf: (x: number, y: number) => Point;
  onMove: (to: Point) => void;
}

/** Width of a handle, px. */
const WIDE = 26;

/** So far an arrow key moves a corner, as a share of the picture; five times as far with Shift. */
const STEP = 0.01;
const ARROWS: Record<string, Point> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** Something to drag by finger or mouse, or to move by arrow keys. */
function Handle({ name, at, off = [0, 0], placeOf, onMove }: HandleProps) {
  const colors = useColors();
  const [x, y] = at;
  const [dx, dy] = off;
  const style: CSSProperties = {
    position: 'absolute',
    left: `calc(${100 * x}% + ${dx - WIDE / 2}px)`,
    top: `calc(${100 * y}% + ${dy - WIDE / 2}px)`,
    width: WIDE,
    height: WIDE,
    boxSizing: 'border-box',
    borderRadius: WIDE / 2,
    border: '3px solid #101820',
    background: colors.tape,
    opacity: 0.85,
    // A finger drags the corner, not the page.
    touchAction: 'none',
    cursor: 'grab',
  };
  return createElement('div', {
    role: 'slider',
    tabIndex: 0,
    'aria-label': name,
    'aria-valuenow': Math.round(100 * x),
    'aria-valuetext': `${Math.round(100 * x)} % across, ${Math.round(100 * y)} % down`,
    style,
    onPointerDown: (event: PointerEvent) => event.currentTarget.setPointerCapture(event.pointerId),
    onPointerMove: (event: PointerEvent) => {
      if (event.currentTarget.hasPointerCapture(event.pointerId))
        onMove(placeOf(event.clientX - dx, event.clientY - dy));
    },
    onKeyDown: (event: KeyboardEvent) => {
      const by = ARROWS[event.key];
      if (!by) return;
      event.preventDefault();
      const times = event.shiftKey ? 5 : 1;
      onMove([x + by[0] * times, y + by[1] * times]);
    },
  });
}

const styles = StyleSheet.create({
  frame: { position: 'relative', alignSelf: 'center', width: '100%', maxWidth: 560 },
});
