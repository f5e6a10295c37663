import { learntFor } from '@/core/care/replay/bookState';
import type { Replay } from '@/core/care/replay/replay';
import { bikesWith, lessonsOn, type Lesson } from '@/core/care/replay/lessons';
import type { Units } from '@/core/units/convert';
import { LearntCard } from './LearntCard';

interface Props {
  /** A bottle, or a class where no bottle was named. */
  lube: string;
  /** Its life in dry riding by handbook or label. */
  handbookKm: number;
  replay: Replay;
  units: Units;
  onWithdraw: (lesson: Lesson) => void;
}

/** What was learnt of a lube on every bike it has been on. */
export function Learnt({ lube, handbookKm, replay, units, onWithdraw }: Props) {
  const lessons = lessonsOn(replay.steps, lube);
  return bikesWith(replay.steps, lube).map((bikeId) => {
    const bike = replay.garage.bikes[bikeId];
    return bike && !bike.retired ? (
      <LearntCard
        key={bikeId}
        bike={bike}
        handbookKm={handbookKm}
        learnt={learntFor(replay.book, bikeId, lube)}
        lessons={lessons.filter((l) => l.bikeId === bikeId)}
        units={units}
        onWithdraw={onWithdraw}
      />
    ) : null;
  });
}
