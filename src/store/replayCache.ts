import { Replay } from '@/core/care/replay/replay';
import type { Garage } from '@/core/records/garage';
import { addedEvents, allEvents, type LogChunks } from '@/core/logbook/chunks';
import type { Logbook } from '@/core/logbook/logbook';

/** A replay at one version of the log. A new object each time, so that selectors see the change. */
export interface ReplayView {
  replay: Replay;
}

/**
 * Keeps one replay in step with the log: a log that grew costs only what is new, a changed garage or
 * another log starts over. The replay is shared between views; only the newest view is to be read.
 */
export function createReplayCache() {
  let last: { garage: Garage; log: LogChunks; view: ReplayView } | null = null;
  const replayOf = (garage: Garage, log: LogChunks): ReplayView => {
    if (last && last.garage === garage && last.log === log) return last.view;
    let view: ReplayView;
    if (last && last.garage === garage && grewFrom(last.log, log)) {
      last.view.replay.add(addedEvents(last.log, log));
      view = { replay: last.view.replay };
    } else {
      view = { replay: new Replay(garage, allEvents(log)) };
    }
    last = { garage, log, view };
    return view;
  };
  /** Takes a replay that was made elsewhere as that of a log. */
  const hold = ({ garage, log }: Pick<Logbook, 'garage' | 'log'>, replay: Replay): void => {
    last = { garage, log, view: { replay } };
  };
  return { replayOf, hold };
}

const grewFrom = (before: LogChunks, after: LogChunks): boolean =>
  Object.keys(before).every((month) => (after[month]?.length ?? 0) >= (before[month]?.length ?? 0));
