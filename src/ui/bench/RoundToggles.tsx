import type { BenchRound } from '@/core/bench/rounds';
import type { Bike } from '@/core/records/garage';
import type { RoundState } from '@/core/rounds/due';
import { roundName } from '@/core/words/roundLines';
import { atBenchRound } from '@/core/words/rounds';
import { Toggles } from '../form/Choice';

interface Props {
  bike: Bike;
  due: readonly RoundState[];
  chosen: readonly BenchRound[];
  onChange: (chosen: BenchRound[]) => void;
}

/** The slower rounds that are due, to ride along with a job that is done anyway. */
export const RoundToggles = ({ bike, due, chosen, onChange }: Props) =>
  due.length === 0 ? null : (
    <Toggles
      label="Due, and quickly done along with it"
      options={due.map((state) => ({
        label: `${roundName(state.round, bike)}, ${state.minutes} min`,
        on: chosen.some((c) => c.round === state.round),
        onChange: (on) => {
          const others = chosen.filter((c) => c.round !== state.round);
          onChange(on ? [...others, atBenchRound(state, bike)] : others);
        },
      }))}
    />
  );
