import { Suspense, use, type ReactNode } from 'react';
import { SlowOpening } from './SlowOpening';

interface Props {
  /** How far the logbook is read: not at all, its last year, or all of it; that it cannot be read is told elsewhere. */
  phase: 'opening' | 'looking' | 'open' | 'unreadable';
  path: string;
  /** The rider waits for the rest of it. */
  onWaiting: () => void;
  children: ReactNode;
}

/** Whether a place shows the last year of a long logbook while the rest of it is read. What takes rides in compares them with all. */
const isAtFirstLook = (path: string): boolean =>
  path === '/' || /^\/rides(?!\/(?:import|arrived)\b)(?:\/|$)/.test(path);
const NEVER = new Promise<never>(() => undefined);
const Waiting = () => use(NEVER);

/**
 * The page, or that the logbook is still being opened. Once it stood it is hidden meanwhile, not taken away: a router that is taken
 * away forgets where the rider went.
 */
export const HeldBack = ({ phase, path, onWaiting, children }: Props) =>
  phase === 'opening' ? (
    <SlowOpening onWaiting={null} />
  ) : (
    <Suspense fallback={<SlowOpening onWaiting={onWaiting} />}>
      {phase === 'looking' && !isAtFirstLook(path) ? <Waiting /> : null}
      {children}
    </Suspense>
  );
