import { foreseenAt, type WearOutlook } from '@/core/wear';

/** Where a chart of wear lies within its picture, px. */
export interface Frame {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** What a chart of wear draws: distances to the right, wear upwards. */
export interface WearShapes {
  /** Wear so far, the band to come (four fifths of futures) and its middle, as paths. */
  line: string;
  band: string;
  middle: string;
  readings: { x: number; y: number; top: number; bottom: number; id: string }[];
  limitY: number;
  nowX: number;
  kmTicks: { x: number; km: number }[];
  percentTicks: { y: number; percent: number }[];
}

/** Points the band to come is drawn through. */
const POINTS = 24;
/** How many standard deviations an error bar of a reading spans to each side. */
const BAR = 1;

/** Steps a scale can have, so that it carries three to seven marks. */
const stepOf = (most: number): number => {
  const rough = most / 5;
  const ten = 10 ** Math.floor(Math.log10(rough));
  return [1, 2, 5, 10].map((n) => n * ten).find((step) => step >= rough) ?? 10 * ten;
};
const marks = (most: number): number[] => {
  const step = stepOf(most);
  return Array.from({ length: Math.floor(most / step) + 1 }, (_, n) => n * step);
};

/** Places a chain's wear, what was read of it and what is foreseen within a frame. */
export function wearShapes(outlook: WearOutlook, frame: Frame): WearShapes {
  const { story, state, limit, foresight } = outlook;
  // As far as the limit is met in most futures, but not beyond twice the way to its middle.
  const aheadKm = Math.max(300, Math.min(foresight.most[1], 1.6 * foresight.mid));
  const mostKm = state.km + aheadKm;
  const highest = Math.max(limit, state.wear, ...story.readings.map((r) => r.percent + r.sd));
  const most = highest * 1.15;
  const x = (km: number) => frame.left + ((frame.width - frame.left - frame.right) * km) / mostKm;
  const y = (percent: number) =>
    frame.height -
    frame.bottom -
    ((frame.height - frame.top - frame.bottom) * Math.max(0, percent)) / most;
  const at = (km: number, percent: number) => `${x(km).toFixed(1)} ${y(percent).toFixed(1)}`;
  const ahead = Array.from({ length: POINTS + 1 }, (_, n) => (aheadKm * n) / POINTS);
  const path = (points: string[]) => (points.length > 1 ? `M${points.join('L')}` : '');
  const future = (p: number) => ahead.map((km) => at(state.km + km, foreseenAt(outlook, km, p)));
  return {
    line: path(story.line.map((point) => at(point.km, point.wear))),
    band: `${path([...future(0.9), ...future(0.1).reverse()])}Z`,
    middle: path(future(0.5)),
    readings: story.readings.map((r) => {
      const [low, high] = r.between ?? [r.percent - BAR * r.sd, r.percent + BAR * r.sd];
      return { x: x(r.km), y: y(r.percent), top: y(high), bottom: y(low), id: r.id };
    }),
    limitY: y(limit),
    nowX: x(state.km),
    kmTicks: marks(mostKm).map((km) => ({ x: x(km), km })),
    percentTicks: marks(most).map((percent) => ({ y: y(percent), percent })),
  };
}
