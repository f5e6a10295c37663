import { useRouter } from 'expo-router';
import {
  selectGarage,
  selectHistory,
  selectUnits,
  strike,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { HistoryList } from '@/ui/book/HistoryList';

/** Everything in the log but the rides. */
export default function History() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const steps = useAppSelector(selectHistory);
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  return (
    <HistoryList
      steps={steps}
      garage={garage}
      units={units}
      onDelete={(id) => dispatch(strike('Deleted from the log', [id]))}
      onRecord={() => router.navigate('/bench/record')}
    />
  );
}
