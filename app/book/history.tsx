import { useRouter } from 'expo-router';
import {
  redo,
  selectGarage,
  selectHistory,
  selectSession,
  selectUnits,
  strike,
  undo,
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
  const { done, undone } = useAppSelector(selectSession);
  return (
    <HistoryList
      steps={steps}
      garage={garage}
      units={units}
      onDelete={(id) => dispatch(strike('Deleted from the log', [id]))}
      last={done.at(-1)?.label ?? null}
      undone={undone.at(-1)?.label ?? null}
      onUndo={() => dispatch(undo())}
      onRedo={() => dispatch(redo())}
      onRecord={() => router.navigate('/bench/record')}
    />
  );
}
