import { useEffect, useRef } from 'react';
import { useSingleKeys } from '../useSay';

interface Keys {
  next: () => void;
  back: () => void;
  read: () => void;
}

/**
 * Space and Enter go on, Backspace goes back, T goes on where that starts a timer, R reads aloud. A
 * focused button keeps its own Space and Enter; a field keeps every key.
 */
export function useBenchKeys(keys: Keys): void {
  const singles = useSingleKeys();
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (target?.closest('input, textarea') || event.ctrlKey || event.metaKey) return;
      if (document.querySelector('dialog[open]')) return;
      const { next, back, read } = latest.current;
      const pressed = event.key.toLowerCase();
      if (pressed === 'backspace') back();
      else if (pressed === 'r' && singles) read();
      else if (pressed === 't' && singles) next();
      else if (
        (pressed === ' ' || pressed === 'enter') &&
        !target?.closest('button, [role="button"]')
      )
        next();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [singles]);
}
