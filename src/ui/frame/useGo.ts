import { useRouter, type Href } from 'expo-router';
import { createContext, useCallback, useContext } from 'react';
import { afterPaint } from '../afterPaint';
import type { LoadPage } from './pageLoader';

/** What loads the pages of the app. */
export const PagesContext = createContext<LoadPage>(() => null);

/** A page that takes longer to load is gone to as it is, ms: something has to move under the finger. */
const LONGEST_MS = 400;

/** Whoever goes twice goes where they wanted to last. */
let goes = 0;

async function loaded(loading: Promise<unknown> | null): Promise<void> {
  const late = new Promise((resolve) => setTimeout(resolve, LONGEST_MS));
  // What could not be loaded is told of by the page.
  await Promise.race([loading?.catch(() => null), late]);
}

/**
 * Returns the ways to other pages. `near`: a finger or the keyboard is about to go there, so that the page is loaded. `go`: goes there
 * once it is: React shows what it has to wait for a third of a second late, and nothing until then.
 */
export function useGo() {
  const router = useRouter();
  const load = useContext(PagesContext);
  const near = useCallback((path: string) => void load(path), [load]);
  const go = useCallback(
    (path: string) => {
      const loading = load(path);
      const from = location.href;
      const mine = ++goes;
      // The tap is answered first: drawing another place takes longer than a finger waits.
      afterPaint(() => {
        void loaded(loading).then(() => {
          if (mine === goes && location.href === from) router.navigate(path as Href);
        });
      });
    },
    [load, router],
  );
  return { near, go };
}
