import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import {
  memo,
  useCallback,
  useEffect,
  useState,
  type FocusEvent,
  type ReactElement,
  type ReactNode,
} from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useOncePainted } from '../useOncePainted';
import { useKeptScroll } from './keptScroll';

interface Props<T> {
  items: readonly T[];
  keyOf: (item: T) => string;
  /** How high an item is likely to be, px: what is said of those that were not drawn yet. */
  likelyHeight: (item: T) => number;
  /** How far the list is scrolled is kept under this. */
  keptAs: string;
  /** Over the items, scrolled with them. */
  head: ReactElement;
  /** How high that is likely to be, px, until it was measured. */
  likelyHead: number;
  /** The end of the items comes near. */
  onEnd?: () => void;
  /** Shown where there are no items. */
  empty: ReactNode;
  /** Below the last item. */
  foot?: ReactNode;
  children: (item: T) => ReactNode;
}

/** Rows drawn beyond the screen's edges, for what scrolls faster than it can be drawn. */
const BEYOND = 6;
/** So few rows before the end more are called for. */
const NEAR_END = 40;
const PADDING = 16;

/** A scrolling list of which only what is near the screen is drawn, however long it is. */
export function LongList<T>(props: Props<T>) {
  const { items, keyOf, likelyHeight, keptAs, head, likelyHead, onEnd, empty, foot, children } =
    props;
  const [headHeight, setHeadHeight] = useState(likelyHead);
  const painted = useOncePainted();
  const focused = useFocusedRow();
  const scroll = useKeptScroll(keptAs, true);
  // Kept the same: with another one all heights are gone through again.
  const getItemKey = useCallback((n: number) => keyOf(items[n] as T), [items, keyOf]);
  // eslint-disable-next-line react-hooks/incompatible-library -- for React's compiler, which does not build this app
  const virtual = useVirtualizer<HTMLElement, HTMLElement>({
    count: items.length,
    getScrollElement: () => scroll.current?.getScrollableNode() as HTMLElement | null,
    getItemKey,
    estimateSize: (n) => likelyHeight(items[n] as T),
    scrollMargin: PADDING + headHeight,
    overscan: painted ? BEYOND : 0,
    // Of a scroll view React Native's own `scrollTo` would answer, which takes other arguments.
    scrollToFn: (offset, { adjustments = 0 }, { scrollElement }) => {
      if (scrollElement) scrollElement.scrollTop = offset + adjustments;
    },
    // Drawn at once, not when the list was measured.
    initialRect: { width: 0, height: window.innerHeight },
    rangeExtractor: (range) => withRow(defaultRangeExtractor(range), focused.row),
  });
  const drawn = virtual.getVirtualItems();
  const isNearEnd = (drawn.at(-1)?.index ?? 0) >= items.length - NEAR_END;
  useEffect(() => {
    if (isNearEnd) onEnd?.();
  }, [isNearEnd, onEnd]);
  return (
    <ScrollView
      ref={scroll}
      {...({ dataSet: { page: '' } } as object)}
      style={styles.scroll}
      contentContainerStyle={styles.list}
    >
      <View onLayout={(e) => setHeadHeight(e.nativeEvent.layout.height)}>{head}</View>
      {items.length === 0 ? empty : null}
      <View {...focused.on} style={{ height: virtual.getTotalSize() }}>
        {drawn.map(({ key, index, start }) => (
          <Row
            key={key}
            index={index}
            top={start - virtual.options.scrollMargin}
            measure={virtual.measureElement}
            item={items[index]}
            draw={children as (item: unknown) => ReactNode}
          />
        ))}
      </View>
      {foot}
    </ScrollView>
  );
}

interface RowProps {
  index: number;
  /** How far below the first row it stands, px. */
  top: number;
  measure: (row: HTMLElement | null) => void;
  item: unknown;
  draw: (item: unknown) => ReactNode;
}

/** A row in its place: while the list is scrolled the rows that stay are not drawn again. */
const Row = memo(function Row({ index, top, measure, item, draw }: RowProps) {
  return (
    <View
      ref={measure as never}
      {...({ dataSet: { index } } as object)}
      style={[styles.row, { transform: [{ translateY: top }] }]}
    >
      {draw(item)}
    </View>
  );
});

/** Returns the row that has the focus: it stays drawn however far it is scrolled away, or the focus would be lost. */
function useFocusedRow() {
  const [row, setRow] = useState<number | null>(null);
  const onFocus = ({ target }: FocusEvent<HTMLElement>) => {
    const index = target.closest<HTMLElement>('[data-index]')?.dataset.index;
    setRow(index === undefined ? null : Number(index));
  };
  return { row, on: { onFocus, onBlur: () => setRow(null) } as object };
}

/** Returns rows, in order, with one more if it is not among them. */
const withRow = (rows: number[], row: number | null): number[] =>
  row === null || rows.includes(row) ? rows : [...rows, row].sort((a, b) => a - b);

const styles = StyleSheet.create({
  // Rows that turn out higher than was likely are made up for by the package: the browser must not do it too.
  scroll: { overflowAnchor: 'none' } as object,
  list: {
    padding: PADDING,
    paddingBottom: 96,
    maxWidth: 712,
    width: '100%',
    alignSelf: 'center',
  },
  row: { position: 'absolute', top: 0, left: 0, right: 0 },
});
