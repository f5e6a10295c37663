import { useEffect, useState } from 'react';
import { tinykeys } from 'tinykeys';
import { GO_KEYS } from '@/core/words/keys';
import { useSingleKeys } from '../useSay';
import { KeysSheet } from './KeysSheet';
import { stepInList } from './stepInList';

interface Props {
  /** The bench has keys of its own: there only their list is shown. */
  atTheBench: boolean;
  onGo: (path: string) => void;
  onEscape: () => void;
}

/** Keys for whoever has a keyboard, and the sheet that lists them. They rest while something is written. */
export function Keys({ atTheBench, onGo, onEscape }: Props) {
  const [sheet, setSheet] = useState(false);
  const singles = useSingleKeys();
  useEffect(() => {
    const free = (act: (event: KeyboardEvent) => void) => (event: KeyboardEvent) => {
      if (!isTaken(event)) act(event);
    };
    const go = (path: string) =>
      free((event) => {
        event.preventDefault();
        onGo(path);
      });
    const step = (by: 1 | -1, anywhere: boolean) =>
      free((event) => {
        if (stepInList(by, anywhere)) event.preventDefault();
      });
    const letters = {
      'Shift+?': free(() => setSheet(true)),
      '?': free(() => setSheet(true)),
      ...Object.fromEntries(atTheBench ? [] : GO_KEYS.map(([keys, path]) => [keys, go(path)])),
      ...(atTheBench ? {} : { j: step(1, true), k: step(-1, true) }),
    };
    return tinykeys(window, {
      ...(singles ? letters : {}),
      ...(atTheBench
        ? {}
        : {
            ArrowDown: step(1, false),
            ArrowUp: step(-1, false),
            Escape: (event: KeyboardEvent) => {
              if (!isTaken(event, WRITING)) onEscape();
            },
          }),
    });
  }, [atTheBench, singles, onGo, onEscape]);
  return sheet ? <KeysSheet atTheBench={atTheBench} onClose={() => setSheet(false)} /> : null;
}

/** Someone writes, a sheet is open, or the key means something to what has focus. */
function isTaken(
  { target, ctrlKey, metaKey, altKey }: KeyboardEvent,
  by = `${WRITING}, [role=radiogroup], [role=slider]`,
): boolean {
  if (ctrlKey || metaKey || altKey || document.querySelector('dialog[open]')) return true;
  return target instanceof HTMLElement && target.closest(by) !== null;
}

/** Where Escape may mean something too. */
const WRITING = 'input, textarea, select, [contenteditable]';
