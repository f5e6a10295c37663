import { useState } from 'react';
import type { ChainReport } from '@/core/care/verdict/report';
import type { Bike } from '@/core/records/garage';
import { Choice } from '../form/Choice';

interface Props {
  bikes: readonly Bike[];
  bikeId: string;
  onPick: (bikeId: string) => void;
}

/** Which bike a page speaks of; nothing where there is only one. */
const BikePick = ({ bikes, bikeId, onPick }: Props) =>
  bikes.length < 2 ? null : (
    <Choice
      label="Bike"
      options={bikes.map(({ id, name }) => ({ value: id, label: name }))}
      value={bikeId}
      onChange={onPick}
    />
  );

/** The bike a page speaks of, at first the one asked for or the first (null: there is none), and the choice between them. */
export function usePickedBike(reports: readonly ChainReport[], asked?: string) {
  const [bikeId, setBikeId] = useState<string | null>(asked ?? null);
  const report = reports.find((r) => r.bike.id === bikeId) ?? reports[0] ?? null;
  const pick = report && (
    <BikePick bikes={reports.map((r) => r.bike)} bikeId={report.bike.id} onPick={setBikeId} />
  );
  return { report, pick };
}
