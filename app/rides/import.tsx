import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { bikeOfClue, clueGroups, groupOf } from '@/core/arrivals/bikeRules';
import { olderRides, type Past, type Pasts } from '@/core/arrivals/older';
import { planImport, type Decision, type Decisions } from '@/core/arrivals/importRides';
import { headerKey, unknownTables } from '@/core/formats/csvMapping';
import type { CsvMapping } from '@/core/records/csvMapping';
import type { ReadFile } from '@/core/formats/rideFile';
import { changeSettings } from '@/store/commands/settings';
import {
  selectBikes,
  selectEvents,
  selectFittings,
  selectGarage,
  selectMainReport,
  selectNow,
  selectRideEvents,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { importRides } from '@/store/commands/arrivals';
import { useRideFolder } from '@/store/useRideFolder';
import { useRideReading } from '@/store/useRideReading';
import { Page } from '@/ui/frame/Page';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { ImportPanel } from '@/ui/rides/ImportPanel';

/** So many rides at once are a history. Own choice. */
const MANY = 30;

/** Bringing in rides from files: read in a worker, shown, then added as one step. */
export default function ImportRides() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const bikes = useAppSelector(selectBikes);
  const { units, csvMappings } = useAppSelector(selectSettings);
  const { files, picked, reading, progress, read, readMore, readAgain } = useRideReading(
    csvMappings,
    bikes.length > 0,
  );
  const garage = useAppSelector(selectGarage);
  const { usual, groups, rows, onBike, onDecide } = useArrivals(files, picked);
  const { older, pasts, onPast } = usePasts(rows);
  const { folder, seen } = useRideFolder({ picked, rows, read: (list) => void readMore(list) });
  if (usual === null) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const unknown = unknownTables(files ?? []);
  const explain = (mapping: CsvMapping) => {
    const header = unknown[0]?.table?.header;
    if (!header) return;
    const known = { ...csvMappings, [headerKey(header)]: mapping };
    dispatch(changeSettings('Columns remembered', { csvMappings: known }));
    void readAgain(known);
  };
  const add = () => {
    const fresh = rows?.flatMap((r) => (r.outcome === 'added' ? [r.ride] : [])) ?? [];
    const rules = Object.fromEntries(groups.map((g) => [g.clue, g.bikeId]));
    const work = rows?.flatMap((r) => (r.outcome === 'work' ? [r.work] : [])) ?? [];
    seen();
    dispatch(importRides({ rides: fresh, work }, rules, pasts));
    // After an evening's worth of files: what came of them, and what is believed now.
    router.navigate(fresh.length >= MANY || older.length > 0 ? '/rides/arrived' : '/rides');
  };
  return (
    <Page title="Import rides">
      <ImportPanel
        bikes={bikes}
        groups={groups}
        onBike={onBike}
        progress={progress}
        onFiles={(list) => void read(list)}
        onCancel={() => reading?.cancel()}
        unknown={unknown}
        onExplain={explain}
        rows={rows}
        onDecide={onDecide}
        folder={folder}
        older={older}
        pasts={pasts}
        onPast={onPast}
        garage={garage}
        onImport={add}
        units={units}
      />
    </Page>
  );
}

/** What the files would bring: rides by the clue to their bike, and what becomes of each. */
function useArrivals(files: readonly ReadFile[] | null, picked: readonly File[]) {
  const bikes = useAppSelector(selectBikes);
  const main = useAppSelector(selectMainReport);
  const rides = useAppSelector(selectRideEvents);
  const fittings = useAppSelector(selectFittings);
  const { bikeRules } = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const events = useAppSelector(selectEvents);
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const { decisions, onDecide } = useDecisions(picked);
  const usual = main?.bike.id ?? bikes[0]?.id ?? null;
  const groups = useMemo(
    () =>
      clueGroups(files ?? [], bikeRules).map((group) => {
        const known = bikeOfClue(group.clue, bikeRules, bikes);
        const bikeId = chosen[group.clue] ?? known ?? usual ?? '';
        return { ...group, bikeId, remembered: known === bikeId };
      }),
    [files, chosen, bikeRules, bikes, usual],
  );
  const rows = useMemo(() => {
    if (!files) return null;
    const bikeOf = (clue: string) => groupOf(groups, clue)?.bikeId ?? '';
    return planImport(files, { rides, fittings, events, now, bikeOf, decisions });
  }, [files, groups, rides, fittings, events, now, decisions]);
  const onBike = (clue: string, bikeId: string) => setChosen((c) => ({ ...c, [clue]: bikeId }));
  return { usual, groups, rows, onBike, onDecide };
}

/** Rides from before the log knew their chains, and what the rider says of that time. */
function usePasts(rows: ReturnType<typeof planImport> | null) {
  const events = useAppSelector(selectEvents);
  const [said, setSaid] = useState<Pasts>({});
  const older = useMemo(() => olderRides(rows ?? [], events), [rows, events]);
  // Only of bikes that are asked about.
  const pasts = useMemo(
    () =>
      Object.fromEntries(
        older.flatMap(({ bikeId }) => (said[bikeId] ? [[bikeId, said[bikeId]]] : [])),
      ),
    [older, said],
  );
  const onPast = (bikeId: string, past: Past) => setSaid((s) => ({ ...s, [bikeId]: past }));
  return { older, pasts, onPast };
}

/** What the rider says of rides held back: stays when the same files are read again, other files begin anew. */
function useDecisions(picked: readonly File[]) {
  const [made, setMade] = useState<{ of: typeof picked | null; decisions: Decisions }>(NONE_MADE);
  const decisions = made.of === picked ? made.decisions : NONE_MADE.decisions;
  const onDecide = (keys: string[], decision: Decision | null) => {
    const next: Record<string, Decision> = { ...decisions };
    for (const key of keys)
      if (decision === null) delete next[key];
      else next[key] = decision;
    setMade({ of: picked, decisions: next });
  };
  return { decisions, onDecide };
}
const NONE_MADE: { of: null; decisions: Decisions } = { of: null, decisions: {} };
