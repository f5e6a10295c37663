import { useRef, useState } from 'react';
import { ok } from '@/core/problem';
import { refuse, type Measured, type Refusal } from '@/core/senses/refusal';
import { turnByBeat, turnByTaps, type Turn } from '@/core/senses/sound/turn';
import type { Recording } from '@/core/senses/sound/listen';
import type { Sound } from '@/core/senses/sound/frames';
import { listenTo } from '@/work/senses';
import { useStandBy } from './useStandBy';
import { soundOfFile, startRecording, type Recorder } from './devices';

/** How far a recording has come. */
export type Listening =
  | { at: 'start'; refused: Refusal | null }
  /** `from`: when what counts begins, ms of the page. */
  | { at: 'recording'; from: number }
  | { at: 'reading' }
  | { at: 'heard'; recording: Recording; turn: Turn };

/** The rider finds the beat for so long before it counts, s; then it is recorded for so long. */
const LEAD = 3;
const LONG = 15;

/** Recording a turning chain by beat or taps, or from a file; what it says comes from a worker. */
export function useListening(perMinute: number, byTaps: boolean) {
  const [listening, setListening] = useState<Listening>({ at: 'start', refused: null });
  const [level, setLevel] = useState(0);
  const recorder = useRef<Recorder | null>(null);
  const taps = useRef<number[]>([]);
  const over = useRef<ReturnType<typeof setTimeout>>(undefined);
  const asked = useRef(0);
  const leave = () => {
    asked.current += 1;
    clearTimeout(over.current);
    void recorder.current?.stop();
    recorder.current = null;
  };
  useStandBy(leave);
  const refused = (problem: Refusal) => setListening({ at: 'start', refused: problem });
  const read = async (sound: Measured<Sound>, turn: Turn | null) => {
    if (!sound.ok) return refused(sound.problem);
    if (!turn) return refused(TOO_SHORT.problem);
    setListening({ at: 'reading' });
    const said = await listenTo(sound.value, turn);
    if (said.ok) setListening({ at: 'heard', recording: said.value, turn });
    else refused(said.problem);
  };
  const stop = async () => {
    clearTimeout(over.current);
    const own = recorder.current;
    recorder.current = null;
    if (!own) return;
    const { samples, rate } = await own.stop();
    const sound = { samples: samples.slice(Math.round(LEAD * rate)), rate };
    const turn = byTaps ? turnByTaps(taps.current) : turnByBeat(perMinute);
    await read(sound.samples.length > 0 ? ok(sound) : TOO_SHORT, turn);
  };
  const start = async () => {
    taps.current = [];
    const now = ++asked.current;
    const started = await startRecording(setLevel);
    // Asked twice, or left before the rider allowed it: it is given back unheard.
    if (now !== asked.current) return void (started.ok && started.value.stop());
    if (!started.ok) return refused(started.problem);
    recorder.current = started.value;
    setListening({ at: 'recording', from: performance.now() + LEAD * 1000 });
    over.current = setTimeout(() => void stop(), (LEAD + LONG) * 1000);
  };
  return {
    listening,
    level,
    start,
    stop,
    tap: () => taps.current.push(performance.now() / 1000),
    fromFile: async (file: File) => read(await soundOfFile(file), turnByBeat(perMinute)),
    again: () => {
      leave();
      setListening({ at: 'start', refused: null });
    },
  };
}

/** Stopped before there was anything, or hardly tapped. */
const TOO_SHORT = refuse({ code: 'sound/too-short', fewest: 6 });
