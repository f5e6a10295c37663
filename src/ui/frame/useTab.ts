import { useEffect } from 'react';
import { titleOf } from '@/core/words/titles';

/** The browser's tab says which place is shown. */
export function useTitle(path: string): void {
  useEffect(() => {
    document.title = titleOf(path);
  }, [path]);
}

/** Asks before the page is left while something is not saved yet. */
export function useLeaveGuard(unsaved: boolean): void {
  useEffect(() => {
    if (!unsaved) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [unsaved]);
}
