import type { Bike } from '@/core/records/garage';
import type { Round, RoundEnd } from '@/core/records/rounds';
import type { RoundState } from '@/core/rounds/due';
import type { Units } from '@/core/units/convert';
import { RoundCard } from './RoundCard';

interface Props {
  states: readonly RoundState[];
  bike: Bike;
  units: Units;
  onEnd: (round: Round, end: RoundEnd) => void;
  onOff: (round: Round) => void;
}

/** The slower rounds of a bike, the most due first. As one piece: loaded one by one they would push each other down. */
export const RoundCards = ({ states, bike, units, onEnd, onOff }: Props) =>
  states.map((state) => (
    <RoundCard
      key={`${bike.id} ${state.round} ${state.last?.at}`}
      state={state}
      bike={bike}
      units={units}
      onEnd={(end) => onEnd(state.round, end)}
      onOff={() => onOff(state.round)}
    />
  ));
