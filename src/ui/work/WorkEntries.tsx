import { METHODS } from '@/core/care/model/work';
import { LUBE_CLASSES } from '@/core/lube/classes';
import type { Product } from '@/core/records/product';
import { entriesOf } from '../entry/entries';
import { Row } from '../entry/EntryForm';
import { withOwn, type WorkDraft } from './workDraft';

/** Fields bound to a work's form. */
export const WorkEntries = entriesOf<WorkDraft>();

/** How many baths, of what size. */
export const Baths = ({ draft }: { draft: WorkDraft }) => (
  <Row>
    <WorkEntries.Choice
      name="bathCount"
      label="Baths"
      options={withOwn([1, 2, 3, 4], draft.bathCount).map((n) => ({ value: n, label: String(n) }))}
    />
    <WorkEntries.Choice
      name="bathMl"
      label="Size of each"
      options={withOwn([100, 150, 250, 500], draft.bathMl).map((n) => ({
        value: n,
        label: `${n} ml`,
      }))}
    />
  </Row>
);

interface AlsoProps {
  draft: WorkDraft;
  cleaner: Product | null;
}

/** What else was done, where it can be. */
export function AlsoDone({ draft, cleaner }: AlsoProps) {
  const { method, lubeClass } = draft;
  const settles = cleaner?.kind === 'degreaser' && METHODS[method].rinsed && method === 'baths';
  const wipes = lubeClass !== null && LUBE_CLASSES[lubeClass].wiped;
  return (
    <WorkEntries.Toggles
      label="Also"
      options={[
        ...(settles
          ? [{ name: 'settled' as const, label: 'Degreaser settled, to be used again' }]
          : []),
        { name: 'cogsCleaned', label: 'Cassette and jockey wheels cleaned' },
        ...(wipes ? [{ name: 'wiped' as const, label: 'Wiped off afterwards' }] : []),
      ]}
    />
  );
}
