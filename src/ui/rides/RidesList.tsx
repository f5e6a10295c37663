import { useMemo, type ReactElement } from 'react';
import type { Bike } from '@/core/records/garage';
import type { RideEntry } from '@/core/rides/entries';
import type { RideWeek } from '@/core/rides/weeks';
import type { Units } from '@/core/units/convert';
import { LongList } from '../frame/LongList';
import { Txt } from '../theme/Txt';
import { RideRow } from './RideRow';
import { WeekHead } from './WeekHead';

interface Props {
  /** Newest first. */
  weeks: readonly RideWeek[];
  bikes: Readonly<Record<string, Bike>>;
  units: Units;
  openId: string | null;
  /** Rides ticked for a change of many; null while nothing is being picked. */
  ticked: ReadonlySet<string> | null;
  head: ReactElement;
  /** Said when there is no ride to show, and below the last; null: nothing. */
  empty: string;
  foot: string | null;
  onTick: (rideId: string) => void;
  /** The last of them comes near. */
  onEnd: () => void;
}

type Item = { kind: 'week'; week: RideWeek } | { kind: 'ride'; entry: RideEntry };

const keyOf = (item: Item): string =>
  item.kind === 'week' ? `week ${item.week.start}` : item.entry.ride.id;

/** With the year, px. */
const LIKELY_HEAD = 340;

/** With letters of the usual size, px. */
const likelyHeight = ({ kind }: Item): number => (kind === 'week' ? 57 : 72);

/** Rides by week, newest first. Only what is near the screen is drawn, however many there are. */
export function RidesList({
  weeks,
  bikes,
  units,
  openId,
  ticked,
  head,
  empty,
  foot,
  onTick,
  onEnd,
}: Props) {
  const items = useMemo(
    () =>
      weeks.flatMap((week): Item[] => [
        { kind: 'week', week },
        ...week.rides.map((entry): Item => ({ kind: 'ride', entry })),
      ]),
    [weeks],
  );
  return (
    <LongList
      items={items}
      keyOf={keyOf}
      likelyHeight={likelyHeight}
      keptAs="rides"
      head={head}
      likelyHead={LIKELY_HEAD}
      onEnd={onEnd}
      empty={<Txt tone="inkSoft">{empty}</Txt>}
      foot={foot ? <Txt tone="inkSoft">{foot}</Txt> : null}
    >
      {(item) =>
        item.kind === 'week' ? (
          <WeekHead week={item.week} units={units} />
        ) : (
          <RideRow
            entry={item.entry}
            bikeName={bikes[item.entry.ride.bikeId]?.name}
            units={units}
            open={item.entry.ride.id === openId}
            ticked={ticked && ticked.has(item.entry.ride.id)}
            onTick={onTick}
          />
        )
      }
    </LongList>
  );
}
