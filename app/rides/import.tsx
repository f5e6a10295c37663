import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { planImport, type ReadFile } from '@/core/entry';
import {
  record,
  selectBikes,
  selectFittings,
  selectMainReport,
  selectNow,
  selectRides,
  selectUnits,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Page } from '@/ui/frame';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { ImportPanel } from '@/ui/rides/ImportPanel';
import { readRideFiles, type Reading } from '@/work';

/** Bringing in rides from files: read in a worker, shown, then added as one step. */
export default function ImportRides() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const bikes = useAppSelector(selectBikes);
  const main = useAppSelector(selectMainReport);
  const steps = useAppSelector(selectRides);
  const fittings = useAppSelector(selectFittings);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const [chosen, setChosen] = useState<string | null>(null);
  const [files, setFiles] = useState<ReadFile[] | null>(null);
  const [reading, setReading] = useState<Reading | null>(null);
  const [progress, setProgress] = useState<{ read: number; of: number } | null>(null);
  const bikeId = chosen ?? main?.bike.id ?? bikes[0]?.id ?? null;
  const rows = useMemo(() => {
    if (!files || bikeId === null) return null;
    const rides = steps.flatMap((s) => (s.event.type === 'rideLogged' ? [s.event] : []));
    return planImport(files, bikeId, { rides, fittings, now });
  }, [files, bikeId, steps, fittings, now]);
  if (bikeId === null) return <NoBikeYet onGo={() => router.navigate('/')} />;

  const read = async (picked: File[]) => {
    setProgress({ read: 0, of: picked.length });
    const started = readRideFiles(picked, (n, of) => setProgress({ read: n, of }));
    setReading(started);
    const { files: done } = await started.done;
    setFiles(done);
    setProgress(null);
    setReading(null);
  };
  const add = () => {
    const rides = rows?.flatMap((r) => (r.outcome === 'added' ? [r.ride] : [])) ?? [];
    const label = rides.length === 1 ? '1 ride imported' : `${rides.length} rides imported`;
    dispatch(
      record(
        label,
        rides.map((ride) => ({ type: 'rideLogged' as const, ...ride })),
      ),
    );
    router.navigate('/rides');
  };
  return (
    <Page title="Import rides">
      <ImportPanel
        bikes={bikes}
        bikeId={bikeId}
        onBike={setChosen}
        progress={progress}
        onFiles={(picked) => void read(picked)}
        onCancel={() => reading?.cancel()}
        rows={rows}
        onImport={add}
        units={units}
      />
    </Page>
  );
}
