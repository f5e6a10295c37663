import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { selectIsEmpty, selectReports } from './selectors';
import type { AppStore } from './store';

/** The reports are worked out so long after the last change, ms: pages that show none of them do not wait for it. */
const SETTLED_MS = 1500;

/** Chains that call for work, as of a moment ago. */
export function useDueChains(): number {
  const store = useStore() as AppStore;
  const [due, setDue] = useState(0);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const count = () => {
      const state = store.getState();
      const reports = selectIsEmpty(state) ? [] : selectReports(state);
      setDue(reports.filter(({ verdict }) => verdict.kind !== 'good for').length);
    };
    const later = () => {
      clearTimeout(timer);
      timer = setTimeout(count, SETTLED_MS);
    };
    later();
    const unsubscribe = store.subscribe(later);
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, [store]);
  return due;
}
