import { useMemo } from 'react';
import type { Bike, Garage } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { chainsOf } from '@/core/wear/rotation';
import { wearOutlook } from '@/core/wear/outlook';
import { Card } from '../frame/Card';
import type { Played, WearFacts } from './useWear';
import { WearChart } from './WearChart';

interface Props {
  bike: Bike;
  played: Played;
  chains: Garage['chains'];
  units: Units;
  now: number;
  rides: WearFacts['rides'];
}

/** The wear of all chains a bike has had in one picture; nothing where it has had one. */
export function BikeWear({ bike, played, chains, units, now, rides }: Props) {
  const drawn = useMemo(() => {
    const { steps, book } = played.replay;
    return chainsOf(steps, bike.id).flatMap((id) => {
      const chain = chains[id];
      const on = book.fitted.get(bike.id) === id ? bike : null;
      const outlook = chain && wearOutlook(steps, chain, on, now);
      if (!chain || !outlook) return [];
      const coming = rides.filter((r) => on && r.bikeId === bike.id);
      return [{ id, name: chain.name, outlook: { ...outlook, coming } }];
    });
  }, [played, chains, bike, now, rides]);
  if (drawn.length < 2) return null;
  return (
    <Card title="Wear of its chains">
      <WearChart chains={drawn} units={units} now={now} />
    </Card>
  );
}
