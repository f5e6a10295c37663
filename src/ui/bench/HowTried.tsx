import type { BenchTrial } from '@/core/bench/trial';
import { TRIED, type Tried } from '@/core/records/trialKinds';
import { HOW_TRIED, NEITHER_WAY } from '@/core/words/bench/trial';
import { Choice } from '../form/Choice';

interface Props extends Pick<BenchTrial, 'labels'> {
  /** Null: nobody has said. */
  tried: Tried | null;
  onTried: (tried: Tried) => void;
}

/** How a coat for a trial was put on. */
export const HowTried = ({ labels, tried, onTried }: Props) => (
  <Choice<Tried | null>
    label={HOW_TRIED}
    options={TRIED.map((value) => ({
      value,
      label: value === 'neither' ? NEITHER_WAY : labels[value],
    }))}
    value={tried}
    onChange={(next) => next && onTried(next)}
  />
);
