import { useMemo } from 'react';
import { fixedThings, thingsInGarage } from '@/core/find/things';
import { thingsInLog } from '@/core/find/log';
import { selectGarage, selectReplay, selectUnits } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { FindPage } from '@/ui/find/FindPage';

/** Everything from one box. */
export default function Find() {
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const { replay } = useAppSelector(selectReplay);
  const things = useMemo(
    () => [
      ...fixedThings(),
      ...thingsInGarage(garage),
      ...thingsInLog(replay.steps, garage, units),
    ],
    [garage, replay, units],
  );
  return <FindPage things={things} />;
}
