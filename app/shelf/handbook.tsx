import { selectReplay, selectUnits } from '@/store/selectors';
import { strike } from '@/store/commands/perform';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { Page } from '@/ui/frame/Page';
import { HandbookList } from '@/ui/shelf/HandbookList';
import { Txt } from '@/ui/theme/Txt';

/** The handbook: what each class of lube does, and what was learnt of coats from no known bottle. */
export default function Handbook() {
  const dispatch = useAppDispatch();
  const units = useAppSelector(selectUnits);
  const { replay } = useAppSelector(selectReplay);
  return (
    <Page title="Handbook" textOnly>
      <Txt tone="inkSoft">
        What each class of lube does, before anything is known of your own bottles; and what was
        learnt of coats whose bottle you did not name.
      </Txt>
      <HandbookList
        replay={replay}
        units={units}
        onWithdraw={({ event }) => dispatch(strike('Note withdrawn', [event.id]))}
      />
    </Page>
  );
}
