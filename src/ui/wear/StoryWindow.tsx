import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { LANES, type Span } from '@/core/wear/lanes';
import { useColors } from '../theme/ThemeContext';
import {
  GROUND,
  LANE_PX,
  shapesBetween,
  STORY_HEIGHT,
  type SpanShape,
  type StoryScale,
} from './storyShapes';
import { storyTicks } from './storyTicks';

interface WindowProps {
  spans: readonly Span[];
  scale: StoryScale;
  picked: Span | null;
  start: number;
  width: number;
}

/** A stretch of the tape: lanes, kilometres by weather, and the days below. */
export function StoryWindow({ spans, scale, picked, start, width }: WindowProps) {
  const colors = useColors();
  const shapes = shapesBetween(spans, scale, start, start + width);
  const ticks = storyTicks(scale, start, start + width);
  return (
    <Svg width={width} height={STORY_HEIGHT} aria-hidden>
      {[...LANES, 'spent'].map((lane, n) => (
        <Line
          key={lane}
          x1={0}
          x2={width}
          y1={(n + 1) * LANE_PX}
          y2={(n + 1) * LANE_PX}
          stroke={colors.line}
        />
      ))}
      <Line x1={0} x2={width} y1={GROUND} y2={GROUND} stroke={colors.lineStrong} />
      {ticks.map(({ x, label }) => (
        <G key={x}>
          <Line
            x1={x - start}
            x2={x - start}
            y1={GROUND}
            y2={GROUND + 5}
            stroke={colors.lineStrong}
          />
          <SvgText x={x - start + 3} y={GROUND + 18} fill={colors.inkSoft} {...AXIS}>
            {label}
          </SvgText>
        </G>
      ))}
      {shapes.map((shape) => (
        <OneSpan
          key={shape.span.at}
          shape={shape}
          start={start}
          isPicked={picked?.at === shape.span.at}
        />
      ))}
    </Svg>
  );
}
const AXIS = { fontFamily: 'Hanken Grotesk', fontSize: 12 } as const;

interface OneSpanProps {
  shape: SpanShape;
  start: number;
  isPicked: boolean;
}

function OneSpan({ shape, start, isPicked }: OneSpanProps) {
  const colors = useColors();
  const { dry, wet, spent, dots, width } = shape;
  const x = shape.x - start;
  return (
    <G>
      {isPicked ? (
        <Rect x={x - 3} width={width + 6} y={0} height={GROUND} fill={colors.tape} opacity={0.35} />
      ) : null}
      <Rect x={x} width={width} {...dry} fill={colors.gritLight} />
      <Rect x={x} width={width} {...wet} fill={colors.ink} />
      <Rect x={x} width={width} {...spent} fill={colors.gritDark} />
      {dots.map(({ lane, y }) => (
        <Circle
          key={lane}
          cx={x + width / 2}
          cy={y}
          r={4.5}
          fill={lane === 'read' ? colors.tape : colors.ink}
          stroke={colors.ink}
          strokeWidth={1.5}
        />
      ))}
    </G>
  );
}
