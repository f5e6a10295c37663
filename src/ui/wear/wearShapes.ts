import { addMonths } from 'date-fns/addMonths';
import { startOfMonth } from 'date-fns/startOfMonth';
import { MS_PER_DAY } from '@/core/units/convert';
import { dayOf, foreseenAt, type WearOutlook } from '@/core/wear/outlook';

/** Where a chart of wear lies within its picture, px. */
export interface Frame {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** What lies to the right: the distance of each chain, or the days. */
export type Axis = 'distance' | 'date';

/** A chain of a chart, and what is known of its wear. */
export interface ChainDrawn {
  id: string;
  name: string;
  outlook: WearOutlook;
}

/** A chain as it is drawn: wear so far, the band to come (four fifths of futures) and its middle, as paths. */
export interface ChainShape {
  id: string;
  name: string;
  line: string;
  band: string;
  middle: string;
  /** Where its name stands: beyond the end of its line, or before it where there is no room. */
  label: { x: number; y: number; anchor: 'start' | 'end' };
  readings: { x: number; y: number; top: number; bottom: number; id: string }[];
}

/** What a chart of wear draws: distances or days to the right, wear upwards. */
export interface WearShapes {
  chains: ChainShape[];
  limits: number[];
  /** Km or ms. */
  ticks: { x: number; value: number }[];
  percentTicks: { y: number; percent: number }[];
}

/** Points the band to come is drawn through. */
const POINTS = 24;
/** How many standard deviations an error bar of a reading spans to each side. */
const BAR = 1;
/** Further no day is drawn: beyond, nobody knows how much is ridden. */
const MOST_WEEKS = 104;
/** A month needs so much room, px. */
const MONTH_PX = 75;
/** Names stand at least so far apart, px. */
const NAME_PX = 15;

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

/** Months a scale of days can step by. */
const MONTH_STEPS = [1, 2, 3, 6, 12, 24];
/** First days of months, in the rider's time zone, as many as have room in a width (px). */
function monthMarks(from: number, to: number, width: number): number[] {
  const months = (to - from) / (30.44 * MS_PER_DAY);
  const step = MONTH_STEPS.find((n) => months / n <= Math.max(2, width / MONTH_PX)) ?? 48;
  const first = startOfMonth(from);
  // Steps of a year begin with one.
  const start = step >= 12 ? new Date(first.getFullYear(), 0, 1) : first;
  const all = Array.from({ length: Math.ceil(months / step) + 2 }, (_, n) =>
    addMonths(start, n * step).getTime(),
  );
  return all.filter((at) => at >= from && at <= to);
}

/** How far ahead a chain is drawn, km: as far as most futures reach its limit, but not beyond what its middle is worth. */
function aheadKm({ foresight, kmPerWeek, coming }: WearOutlook, axis: Axis): number {
  const km = Math.max(300, Math.min(foresight.most[1], 1.6 * foresight.mid));
  const planned = coming.reduce((sum, ride) => sum + ride.km, 0);
  return axis === 'date' ? Math.min(km, planned + kmPerWeek * MOST_WEEKS) : km;
}

/** A letter is about so wide, px. */
const LETTER_PX = 7;
function labelAt(x: number, y: number, name: string, frame: Frame): ChainShape['label'] {
  const fits = x + 8 + name.length * LETTER_PX < frame.width - frame.right;
  return fits ? { x: x + 8, y: y + 4, anchor: 'start' } : { x: x - 4, y: y - 8, anchor: 'end' };
}

/** Pushes names apart, from the top down. */
function apart(shapes: ChainShape[]): void {
  const down = [...shapes].sort((a, b) => a.label.y - b.label.y);
  down.forEach(({ label }, n) => {
    const above = down[n - 1]?.label.y;
    if (above !== undefined) label.y = Math.max(label.y, above + NAME_PX);
  });
}

/** Places the wear of chains, what was read of them and what is foreseen within a frame. `now`: ms. */
export function wearShapes(
  chains: readonly ChainDrawn[],
  axis: Axis,
  now: number,
  frame: Frame,
): WearShapes {
  const outlooks = chains.map((c) => c.outlook);
  /** Where so many km from now lie, in km of the chain or ms. */
  const ahead = (outlook: WearOutlook, km: number) =>
    axis === 'distance' ? outlook.state.km + km : (km > 0 && dayOf(km, outlook, now)) || now;
  const hasFuture = (o: WearOutlook) =>
    axis === 'distance' ? chains.length === 1 || o.kmPerWeek > 0 : o.kmPerWeek > 0;
  const reach = (o: WearOutlook) => ahead(o, hasFuture(o) ? aheadKm(o, axis) : 0);
  const from = axis === 'distance' ? 0 : Math.min(...outlooks.map((o) => o.story.fittedAt));
  const to = Math.max(from + 1, ...outlooks.map(reach));
  const read = outlooks.flatMap((o) => o.story.readings.map((r) => r.percent + r.sd));
  const most = 1.15 * Math.max(...outlooks.flatMap((o) => [o.limit, o.state.wear]), ...read);
  const width = frame.width - frame.left - frame.right;
  const height = frame.height - frame.top - frame.bottom;
  const x = (value: number) => frame.left + (width * (value - from)) / (to - from);
  const y = (percent: number) =>
    frame.height - frame.bottom - (height * Math.max(0, percent)) / most;
  const at = (value: number, percent: number) => `${x(value).toFixed(1)} ${y(percent).toFixed(1)}`;
  const path = (points: string[]) => (points.length > 1 ? `M${points.join('L')}` : '');
  const where = (point: { km: number; at: number }) => (axis === 'distance' ? point.km : point.at);

  const shapes = chains.map(({ id, name, outlook }): ChainShape => {
    const { story, state } = outlook;
    const kms = hasFuture(outlook)
      ? Array.from({ length: POINTS + 1 }, (_, n) => (aheadKm(outlook, axis) * n) / POINTS)
      : [];
    const future = (p: number) =>
      kms.map((km) => at(ahead(outlook, km), foreseenAt(outlook, km, p)));
    const line = story.line.map((point) => at(where(point), point.wear));
    // In the drawer days go by, and the chain stays as it is.
    if (axis === 'date') line.push(at(now, state.wear));
    const band = path([...future(0.9), ...future(0.1).reverse()]);
    return {
      id,
      name,
      line: path(line),
      band: band && `${band}Z`,
      middle: path(future(0.5)),
      label: labelAt(x(ahead(outlook, 0)), y(state.wear), name, frame),
      readings: story.readings.map((r) => {
        const [low, high] = r.between ?? [r.percent - BAR * r.sd, r.percent + BAR * r.sd];
        return { x: x(where(r)), y: y(r.percent), top: y(high), bottom: y(low), id: r.id };
      }),
    };
  });
  apart(shapes);
  const values = axis === 'distance' ? marks(to) : monthMarks(from, to, width);
  return {
    chains: shapes,
    limits: [...new Set(outlooks.map((o) => y(o.limit)))],
    ticks: values.map((value) => ({ x: x(value), value })),
    percentTicks: marks(most).map((percent) => ({ y: y(percent), percent })),
  };
}
