import { bikeOfClue } from '@/core/arrivals/bikeRules';
import { isKnown } from '@/core/arrivals/known';
import { planImport } from '@/core/arrivals/importRides';
import type { RecorderReply } from '@/core/formats/recorderReply';
import type { ReadFile } from '@/core/formats/rideFile';
import { allEvents } from '@/core/logbook/chunks';
import { MS_PER_DAY } from '@/core/units/convert';
import { rideRecorder, type Recorder } from '@/work/recorder';
import { recordRides } from './commands/perform';
import { selectBikes, selectFittings, selectMainReport, selectRideEvents } from './selectors';
import { syncMoved, type SyncStatus } from './sessionSlice';
import type { AppThunk, RootState } from './store';

/** How far back the recorder is asked. */
const LOOK_BACK_DAYS = 30;

type Held = RecorderReply['rides'][number];

/**
 * Fetches the rides the log does not have from the recorder and adds them as one step. Rides the rider
 * deleted here stay deleted unless `withDeleted`.
 */
export const syncRides =
  (
    withDeleted = false,
    recorder: Recorder = rideRecorder(),
    read: (files: File[]) => Promise<ReadFile[]> = readInWorker,
  ): AppThunk<Promise<void>> =>
  async (dispatch, getState, edge) => {
    const { kind } = getState().session.sync;
    if (kind === 'asking' || kind === 'fetching') return;
    const report = (status: SyncStatus) => dispatch(syncMoved(status));
    report({ kind: 'asking' });
    const list = await recorder.list(edge.now() - LOOK_BACK_DAYS * MS_PER_DAY);
    if (!list.ok) {
      report({ kind: 'failed', problem: list.problem });
      return;
    }
    const { fresh, deleted } = sort(list.value.rides, getState());
    const wanted = withDeleted ? [...fresh, ...deleted] : fresh;
    const failed: Extract<SyncStatus, { kind: 'done' }>['failed'] = [];
    const files: File[] = [];
    for (const ride of wanted) {
      report({ kind: 'fetching', done: files.length, of: wanted.length });
      const file = await recorder.file(ride.file);
      if (file.ok) files.push(file.value);
      else failed.push({ file: ride.file, problem: file.problem });
    }
    const found = await read(files);
    const held = new Map(wanted.map((r) => [r.file, r]));
    const state = getState();
    const bikes = selectBikes(state);
    const usual = selectMainReport(state)?.bike.id ?? bikes[0]?.id ?? '';
    const rows = planImport(
      found.map((file) => withGear(file, held.get(file.name)?.gear ?? '')),
      {
        rides: selectRideEvents(state),
        fittings: selectFittings(state),
        now: edge.now(),
        bikeOf: (clue) => bikeOfClue(clue, state.logbook.settings.bikeRules, bikes) ?? usual,
        recorderId: (file) => held.get(file)?.id ?? null,
      },
    );
    const rides = rows.flatMap((r) => (r.outcome === 'added' ? [r.ride] : []));
    for (const row of rows)
      if (row.outcome === 'failed') failed.push({ file: row.file, problem: row.problem });
      else if (row.outcome === 'held')
        failed.push({ file: row.file, problem: { code: 'ride/held' } });
    if (rides.length > 0)
      dispatch(
        recordRides(
          rides.length === 1 ? '1 ride synced' : `${rides.length} rides synced`,
          rides.map((ride) => ({ type: 'rideLogged' as const, ...ride })),
        ),
      );
    report({
      kind: 'done',
      added: rides.length,
      failed,
      deleted: withDeleted ? 0 : deleted.length,
    });
  };

/** Reads files in the worker, whose client is loaded when there are some. */
async function readInWorker(files: File[]): Promise<ReadFile[]> {
  const { readRideFiles } = await import('@/work/clients');
  const { files: found } = await readRideFiles(files, {}, () => undefined).done;
  return found;
}

/** The recorder's rides that the log has never had, and those it had and the rider deleted. */
function sort(rides: readonly Held[], state: RootState): { fresh: Held[]; deleted: Held[] } {
  const standing = selectRideEvents(state);
  const known = standing.map((r) => ({ at: Date.parse(r.at), km: r.distanceKm }));
  const here = new Set(standing.map((r) => r.recorderId));
  const ever = new Set<string>();
  for (const event of allEvents(state.logbook.log))
    if (event.type === 'rideLogged' && event.recorderId !== null) ever.add(event.recorderId);
  const missing = rides.filter(
    (r) => !here.has(r.id) && !isKnown(known, Date.parse(r.startedAt), r.distanceKm),
  );
  return {
    fresh: missing.filter((r) => !ever.has(r.id)),
    deleted: missing.filter((r) => ever.has(r.id)),
  };
}

/** A file's rides with the bike's name the recorder knows them by. */
const withGear = (file: ReadFile, gear: string): ReadFile => ({
  ...file,
  rides: file.rides.ok
    ? {
        ok: true,
        value: file.rides.value.map((ride) =>
          ride.ok && !ride.value.clues.gear
            ? { ok: true, value: { ...ride.value, clues: { ...ride.value.clues, gear } } }
            : ride,
        ),
      }
    : file.rides,
});
