import { useMemo } from 'react';
import type { Bike, Garage } from '@/core/garage';
import type { UnitSystem } from '@/core/units';
import { chainsOf, wearOutlook } from '@/core/wear';
import { Card } from '../frame';
import type { Played } from './useWear';
import { WearChart } from './WearChart';

interface Props {
  bike: Bike;
  played: Played;
  chains: Garage['chains'];
  units: UnitSystem;
  now: number;
}

/** The wear of all chains a bike has had in one picture; nothing where it has had one. */
export function BikeWear({ bike, played, chains, units, now }: Props) {
  const drawn = useMemo(() => {
    const { steps, book } = played.replay;
    return chainsOf(steps, bike.id).flatMap((id) => {
      const chain = chains[id];
      const on = book.fitted.get(bike.id) === id ? bike : null;
      const outlook = chain && wearOutlook(steps, chain, on, now);
      return chain && outlook ? [{ id, name: chain.name, outlook }] : [];
    });
  }, [played, chains, bike, now]);
  if (drawn.length < 2) return null;
  return (
    <Card title="Wear of its chains">
      <WearChart chains={drawn} units={units} now={now} />
    </Card>
  );
}
