import type { Bike } from '@/core/records/garage';
import { SKY_FILTERS, type RideFilter, type SkyFilter } from '@/core/rides/filter';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  filter: RideFilter;
  bikes: readonly Bike[];
  /** Rides shown, of all there are. */
  shown: number;
  of: number;
  onChange: (filter: RideFilter) => void;
  onSave: () => void;
}

const SKY_LABEL: Record<SkyFilter, string> = {
  all: 'Any',
  dry: 'Dry',
  wet: 'Damp to downpour',
  guessed: 'Not known',
};

const ANY = '';

/** Which rides the list shows; what it shows can be taken out as a table. */
export function FindRides({ filter, bikes, shown, of, onChange, onSave }: Props) {
  const set = (part: Partial<RideFilter>) => onChange({ ...filter, ...part });
  return (
    <Card>
      <Field
        label="Search"
        value={filter.text}
        onChange={(text) => set({ text })}
        hint="Words of the note, the bike, the ground; a month like 2026-05."
        autoFocus
      />
      <Choice
        label="Weather met"
        options={SKY_FILTERS.map((value) => ({ value, label: SKY_LABEL[value] }))}
        value={filter.sky}
        onChange={(sky) => set({ sky })}
      />
      {bikes.length > 1 ? (
        <Choice
          label="Bike"
          options={[
            { value: ANY, label: 'Any' },
            ...bikes.map((b) => ({ value: b.id, label: b.name })),
          ]}
          value={filter.bikeId ?? ANY}
          onChange={(id) => set({ bikeId: id === ANY ? null : id })}
        />
      ) : null}
      <Txt variant="small" tone="inkSoft" live="polite">
        {shown === of ? `All ${of} rides.` : `${shown} of ${of} rides.`}
      </Txt>
      <Button
        label={shown === 1 ? 'Save it as CSV' : `Save these ${shown} as CSV`}
        disabled={shown === 0}
        onPress={onSave}
      />
    </Card>
  );
}
