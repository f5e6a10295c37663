import type { Bike } from '@/core/garage';
import { Choice } from '../form';

interface Props {
  bikes: readonly Bike[];
  bikeId: string;
  onPick: (bikeId: string) => void;
}

/** Which bike a page speaks of; nothing where there is only one. */
export const BikePick = ({ bikes, bikeId, onPick }: Props) =>
  bikes.length < 2 ? null : (
    <Choice
      label="Bike"
      options={bikes.map(({ id, name }) => ({ value: id, label: name }))}
      value={bikeId}
      onChange={onPick}
    />
  );
