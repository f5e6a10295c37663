import { useEffect, useRef } from 'react';
import type { ScrollView } from 'react-native';

/** Where each list and page was scrolled to, in this visit. */
const kept = new Map<string, number>();
/** Set by the browser's back and forward: what is shown next stands where it stood. */
let isReturning = false;

if (typeof window !== 'undefined')
  window.addEventListener('popstate', () => {
    isReturning = true;
    setTimeout(() => (isReturning = false), 1000);
  });

/** A long list is drawn again bit by bit: so long it is followed to where it stood, ms. */
const GROWN_MS = 6000;

/**
 * Keeps how far something is scrolled: always, as a list beside what is opened from it needs it, or when the rider
 * comes back to it.
 */
export function useKeptScroll(key: string, always: boolean) {
  const ref = useRef<ScrollView>(null);
  useEffect(() => {
    const node = ref.current?.getScrollableNode?.() as HTMLElement | undefined;
    const wanted = kept.get(key) ?? 0;
    if (!node) return;
    const onScroll = () => kept.set(key, node.scrollTop);
    node.addEventListener('scroll', onScroll, { passive: true });
    let frame = 0;
    const began = performance.now();
    const restore = () => {
      node.scrollTop = wanted;
      if (node.scrollTop < wanted - 1 && performance.now() - began < GROWN_MS)
        frame = requestAnimationFrame(restore);
    };
    // A rider who scrolls meanwhile has the last word.
    const stop = () => cancelAnimationFrame(frame);
    node.addEventListener('wheel', stop, { passive: true });
    node.addEventListener('pointerdown', stop);
    if (wanted > 0 && (always || isReturning)) restore();
    return () => {
      stop();
      node.removeEventListener('wheel', stop);
      node.removeEventListener('pointerdown', stop);
      node.removeEventListener('scroll', onScroll);
    };
  }, [key, always]);
  return ref;
}
