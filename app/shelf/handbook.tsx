import { Fragment } from 'react';
import { LUBE_CLASS_NAMES, LUBE_CLASSES } from '@/core/lube';
import { selectReplay, selectUnits, strike, useAppDispatch, useAppSelector } from '@/store';
import { Page } from '@/ui/frame';
import { Learnt } from '@/ui/shelf/lazily';
import { LubeCard } from '@/ui/shelf/LubeCard';
import { Txt } from '@/ui/theme';

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
      {LUBE_CLASS_NAMES.map((name) => (
        <Fragment key={name}>
          <LubeCard name={name} traits={LUBE_CLASSES[name]} units={units} />
          <Learnt
            lube={name}
            handbookKm={LUBE_CLASSES[name].lifeKm}
            replay={replay}
            units={units}
            onWithdraw={({ event }) => dispatch(strike('Note withdrawn', [event.id]))}
          />
        </Fragment>
      ))}
    </Page>
  );
}
