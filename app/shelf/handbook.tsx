import { LUBE_CLASS_NAMES, LUBE_CLASSES } from '@/core/lube';
import { selectUnits, useAppSelector } from '@/store';
import { Page } from '@/ui/frame';
import { LubeCard } from '@/ui/shelf/LubeCard';
import { Txt } from '@/ui/theme';

/** The handbook: what each class of lube does, before anything is known of a rider's own bottles. */
export default function Handbook() {
  const units = useAppSelector(selectUnits);
  return (
    <Page title="Handbook" textOnly>
      <Txt tone="inkSoft">
        What each class of lube does. Your own bottles, and what is left in them, will stand on the
        shelf later.
      </Txt>
      {LUBE_CLASS_NAMES.map((name) => (
        <LubeCard key={name} name={name} traits={LUBE_CLASSES[name]} units={units} />
      ))}
    </Page>
  );
}
