import { LUBE_CLASS_NAMES, LUBE_CLASSES } from '@/core/lube';
import { selectUnits, useAppSelector } from '@/store';
import { Page } from '@/ui/frame';
import { LubeCard } from '@/ui/shelf/LubeCard';
import { Txt } from '@/ui/theme';

/** Shelf: for now the handbook of lube classes; the rider's own products come later. */
export default function Shelf() {
  const units = useAppSelector(selectUnits);
  return (
    <Page title="Shelf" textOnly>
      <Txt tone="inkSoft">
        The handbook: what each class of lube does. Your own bottles, what is left in them, and
        which lube suits the coming rides will stand here later.
      </Txt>
      {LUBE_CLASS_NAMES.map((name) => (
        <LubeCard key={name} name={name} traits={LUBE_CLASSES[name]} units={units} />
      ))}
    </Page>
  );
}
