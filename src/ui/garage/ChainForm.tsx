import { readChain, type ChainDraft, type ChainFields } from '@/core/entry/chain';
import { CLOSURES, type Chain, type Garage } from '@/core/garage';
import { entriesOf, EntryForm, Row, useEntry } from '../entry';

interface Props {
  chain: Chain | null;
  garage: Garage;
  onSave: (chain: ChainFields) => void;
  onRetire?: () => void;
}

const Entry = entriesOf<ChainDraft>();

const CLOSURE_HINTS = {
  'reusable link': 'Opens and closes again; count the openings.',
  'single-use link': 'Opens once. Take the chain off only with a new link at hand.',
  'not known': 'Treated as one that closes once, until you know.',
  'connecting pin': 'Closed by a pin; opened with a chain tool and closed with a new pin.',
} as const;

const draftOf = (chain: Chain | null): ChainDraft => ({
  name: chain?.name ?? '',
  links: String(chain?.links ?? 114),
  speeds: String(chain?.speeds ?? 11),
  closure: chain?.closure ?? 'reusable link',
  directional: chain?.directional ?? false,
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
      <Entry.Choice
        name="closure"
        label="Closed by"
        options={CLOSURES.map((value) => ({
          value,
          label: value.charAt(0).toUpperCase() + value.slice(1),
          hint: CLOSURE_HINTS[value],
        }))}
      />
      <Entry.Toggles
        label="Direction"
        options={[{ name: 'directional', label: 'Runs one way only' }]}
      />
    </EntryForm>
  );
}
