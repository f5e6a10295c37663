import { readChain, type ChainDraft, type ChainFields } from '@/core/entry/chain';
import { priceText } from '@/core/entry/number';
import type { Chain, Garage } from '@/core/records/garage';
import { CLOSURE_OPTIONS } from '@/core/words/closures';
import { entriesOf } from '../entry/entries';
import { EntryForm, Row } from '../entry/EntryForm';
import { useEntry } from '../entry/useEntry';

interface Props {
  chain: Chain | null;
  garage: Garage;
  onSave: (chain: ChainFields) => void;
  onRetire?: () => void;
}

const Entry = entriesOf<ChainDraft>();

const draftOf = (chain: Chain | null): ChainDraft => ({
  name: chain?.name ?? '',
  links: String(chain?.links ?? 114),
  speeds: String(chain?.speeds ?? 11),
  closure: chain?.closure ?? 'not known',
  openingsAllowed: String(chain?.openingsAllowed ?? ''),
  directional: chain?.directional ?? false,
  price: priceText(chain?.price ?? null),
});

/** All that matters of a chain. */
export function ChainForm({ chain, garage, onSave, onRetire }: Props) {
  const { form, save, startAfresh } = useEntry<ChainDraft, ChainFields>(
    draftOf(chain),
    (draft) => readChain(draft, garage, chain?.id ?? ''),
    onSave,
  );
  return (
    <EntryForm
      startAfresh={startAfresh}
      form={form}
      saveLabel={chain ? 'Save chain' : 'Add chain'}
      onSave={save}
      remove={{ label: 'Remove chain', onPress: onRetire }}
    >
      <Entry.Text name="name" label="Name" autoFocus={chain === null} />
      <Row>
        <Entry.Text name="links" label="Links" half hint="One pin is one link." numeric />
        <Entry.Text name="speeds" label="Speeds" half numeric />
      </Row>
      <Entry.Text name="price" label="Price" hint="Empty: not known." numeric half />
      <Entry.Choice name="closure" label="Closed by" options={CLOSURE_OPTIONS} />
      <Entry.Text
        name="openingsAllowed"
        label="Openings its link allows"
        hint="By its maker. Empty: not known."
        numeric
      />
      <Entry.Toggles
        label="Direction"
        options={[{ name: 'directional', label: 'Runs one way only' }]}
      />
    </EntryForm>
  );
}
