import equal from 'fast-deep-equal';
import { LOOK, lookHead, lookText, type LookHead } from './firstLook';
import type { OpenLogbook } from './openLogbook';
import { selectReplay } from './selectors';
import { rememberLook } from './whichLogbook';

/** A look is made when nothing has changed for so long. */
const REST_MS = 15_000;

/**
 * Keeps a first look beside a long log, made anew once the page rests and what it sums up has changed. `kept`: what
 * the one that lies there rests on, if there is one.
 */
export function keepLook(
  { store, persistence, storage, edge, name }: OpenLogbook,
  build: string,
  kept: LookHead | null,
): void {
  let known = kept;
  let seen = store.getState().logbook;
  const make = async () => {
    const state = store.getState();
    const sums = persistence.keptSums(state.logbook);
    if (!sums) return;
    const head = lookHead(state.logbook.log, sums, build);
    if (!head || equal(head, known)) return;
    const text = lookText(head, state.logbook, selectReplay(state).replay, edge.now());
    known = head;
    if (text) await storage.write({ [LOOK]: text });
    else await storage.remove([LOOK]);
    rememberLook(name, text !== null);
  };
  // Without a look the app only opens more slowly: a full disk is told of by what has to be saved.
  const soon = () => setTimeout(() => void make().catch(() => undefined), REST_MS);
  let timer = soon();
  store.subscribe(() => {
    const { logbook } = store.getState();
    if (logbook === seen) return;
    seen = logbook;
    clearTimeout(timer);
    timer = soon();
  });
}
