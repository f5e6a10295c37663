import { createContext, useContext } from 'react';
import type { OpenLogbook } from './openLogbook';

/** The logbook this page has open, for the few things that are not state: quarantine, its name. */
export const OpenContext = createContext<OpenLogbook | null>(null);

/** Throws outside the app's frame: that would be a mistake of ours. */
export function useOpenLogbook(): OpenLogbook {
  const open = useContext(OpenContext);
  if (!open) throw new Error('useOpenLogbook needs the frame of app/_layout around it.');
  return open;
}
