import { filesToDrop } from '@/core/formats/backupFiles';
import { readBackup } from '@/core/formats/backup';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import type { Logbook } from '@/core/logbook/logbook';
import * as validation from '@/core/validation/validate';
import { ridesOf } from '@/test/events';
import { EMPTY_LOGBOOK } from '../../logbookFile';
import { keepBackup } from '../keepBackup';
import type { BackupPlace } from '../place';

const DAY_MS = 86_400_000;
const NOW = Date.parse('2026-11-26T09:00:00.000Z');

function folder(more: Partial<BackupPlace> = {}) {
  const files = new Map<string, string>();
  const place: BackupPlace = {
    name: 'folder',
    isOpen: async () => true,
    ask: async () => true,
    list: async () => [...files.keys()],
    read: async (file) => files.get(file) ?? null,
    write: async (file, text) => void files.set(file, text),
    remove: async (file) => void files.delete(file),
    ...more,
  };
  return { files, place };
}

const withRides = (km: readonly number[], prefix?: string): Logbook => ({
  ...EMPTY_LOGBOOK,
  log: addEvents({}, ridesOf(km, prefix)),
});

const idsIn = (text: string | undefined) => {
  const read = readBackup(text ?? '', NOW, validation);
  return read.ok ? allEvents(read.value.logbook.log).map((e) => e.id) : [];
};

describe('a backup that keeps itself', () => {
  it('is one file a day, written over as the day goes on', async () => {
    const { files, place } = folder();
    await keepBackup(place, withRides([10]), NOW);
    await keepBackup(place, withRides([10, 20]), NOW + 3_600_000);
    expect([...files.keys()]).toEqual(['dapper-spoke-2026-11-26.json']);
    expect(idsIn(files.get('dapper-spoke-2026-11-26.json'))).toEqual(['ride0', 'ride1']);
  });

  it('never writes over a file that holds what the logbook has not', async () => {
    const { files, place } = folder();
    await keepBackup(place, withRides([10, 20]), NOW);
    // The logbook has lost a ride, or this is another device that writes into the same folder.
    expect(await keepBackup(place, withRides([10]), NOW + 1000)).toEqual({
      ok: true,
      value: 'dapper-spoke-2026-11-26-2.json',
    });
    expect(idsIn(files.get('dapper-spoke-2026-11-26.json'))).toEqual(['ride0', 'ride1']);
  });

  it('keeps the newest ten and leaves files that are not ours', async () => {
    const { files, place } = folder();
    files.set('holiday.json', 'mine');
    for (let day = 0; day < 14; day++) await keepBackup(place, withRides([10]), NOW + day * DAY_MS);
    const names = [...files.keys()].sort();
    expect(names).toHaveLength(11);
    expect(names[0]).toBe('dapper-spoke-2026-11-30.json');
    expect(names).toContain('holiday.json');
  });

  it('is read back: a folder that changes it is told, and nothing older is dropped', async () => {
    const { files, place } = folder({ read: async () => null });
    for (let n = 1; n <= 12; n++) files.set(`dapper-spoke-2026-10-${10 + n}.json`, '{}');
    expect(await keepBackup(place, withRides([10]), NOW)).toMatchObject({
      problem: { code: 'backup/not-proved' },
    });
    expect(files.size).toBe(13);
  });

  it('that cannot be written is told', async () => {
    const { place } = folder({ write: () => Promise.reject(new Error('gone')) });
    expect(await keepBackup(place, withRides([10]), NOW)).toMatchObject({
      problem: { code: 'backup/not-written' },
    });
  });

  it('counts the second file of a day as newer than its first', () => {
    const days = Array.from({ length: 10 }, (_, n) => `dapper-spoke-2026-11-${10 + n}.json`);
    const second = 'dapper-spoke-2026-11-10-2.json';
    expect(filesToDrop([...days, second])).toEqual(['dapper-spoke-2026-11-10.json']);
  });
});
