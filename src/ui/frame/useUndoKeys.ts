import { useEffect, useRef } from 'react';

/** A field with something in it has an undo of its own. */
const isBeingWrittenIn = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement && target.value !== '';

/** Ctrl+Z undoes and Ctrl+Shift+Z or Ctrl+Y redoes, except while writing in a field. */
export function useUndoKeys(onUndo: () => void, onRedo: () => void): void {
  const latest = useRef({ onUndo, onRedo });
  useEffect(() => {
    latest.current = { onUndo, onRedo };
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || isBeingWrittenIn(event.target)) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) latest.current.onRedo();
      else latest.current.onUndo();
    };
    // On the way down: text fields of React Native for the web keep key presses to themselves.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);
}
