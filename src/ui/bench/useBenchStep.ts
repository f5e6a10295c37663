import { useEffect } from 'react';
import { mayHurt } from '@/core/bench/cautions';
import {
  benchOf,
  passesByItself,
  unacknowledged,
  waitingFor,
  type Mark,
  type Run,
} from '@/core/bench/run';
import { hush, keepAwake, readAloud } from './device';
import { useBenchKeys } from './useBenchKeys';

interface Session {
  run: Run;
  now: number;
  clock: () => number;
  /** Steps that hurt nobody pass by themselves, read aloud. */
  handsFree: boolean;
  onRun: (run: Run) => void;
}

/** The step of a session that is to be done now, and what moves it on: buttons, keys, hands free. */
export function useBenchStep({ run, now, clock, handsFree, onRun }: Session) {
  const bench = benchOf(run);
  const { current } = bench;
  const open = current ? unacknowledged(run, current, mayHurt) : [];
  const waits = current ? waitingFor(bench, current, now) : null;
  const mark = (part: Partial<Mark>) => {
    if (!current) return;
    const plain: Mark = { step: current.id, kind: 'done', at: clock(), swatch: null, why: '' };
    onRun({ ...run, marks: [...run.marks, { ...plain, ...part }] });
  };
  const acknowledge = () => onRun({ ...run, acknowledged: [...run.acknowledged, ...open] });
  const next = () => {
    if (!current) return;
    if (open.length > 0) acknowledge();
    else if (!current.check && !waits) mark({});
  };
  const back = () => onRun({ ...run, marks: run.marks.slice(0, -1) });
  const read = () => current && readAloud(`${current.what} ${current.why}`);
  useBenchKeys({ next, back, read });
  useEffect(() => keepAwake(), []);
  useEffect(() => hush, [current?.id]);
  useEffect(() => {
    if (!handsFree || !current || waits || !passesByItself(current, open)) return;
    readAloud(current.what);
    const pause = setTimeout(() => mark({}), Math.max(4, current.hands * 60) * 1000);
    return () => clearTimeout(pause);
    // One pause for each step; what else changes does not start it again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [handsFree, current?.id, waits === null, open.length]);
  return { bench, current, open, waits, put: mark, acknowledge, back, read };
}
