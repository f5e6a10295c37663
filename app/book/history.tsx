import { useMemo } from 'react';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { redo, undo } from '@/store/commands/history';
import { selectGarage, selectHistory, selectSession, selectUnits } from '@/store/selectors';
import { strike } from '@/store/commands/perform';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { HistoryList } from '@/ui/book/HistoryList';

/** Everything in the log but the rides. */
export default function History() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  // From what was found on; the rest is a tap away.
  const { from } = useLocalSearchParams<{ from?: string }>();
  const all = useAppSelector(selectHistory);
  const steps = useMemo(() => fromEvent(all, from), [all, from]);
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const { done, undone } = useAppSelector(selectSession);
  return (
    <HistoryList
      steps={steps}
      newer={all.length - steps.length}
      onAll={() => router.navigate('/book/history')}
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

/** The steps from that of an event on; all of them where it is not among them. */
function fromEvent<Step extends { event: { id: string } }>(
  steps: Step[],
  id: string | undefined,
): Step[] {
  const at = steps.findIndex(({ event }) => event.id === id);
  return at > 0 ? steps.slice(at) : steps;
}
