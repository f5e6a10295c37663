import { useEffect, useState } from 'react';
import type { ImportRow } from '@/core/arrivals/importRides';
import type { FolderFile, FolderLook } from './rideFolder';

const loaded = () => import('./rideFolder');

interface Import {
  /** The files being brought in, and what becomes of them; null: they have not been read. */
  picked: readonly File[];
  rows: readonly ImportRow[] | null;
  read: (files: File[]) => void;
}

/** The folder of rides as the import sees it: looked through when the page opens, what is new handed to `read`. */
export function useRideFolder({ picked, rows, read }: Import) {
  const [look, setLook] = useState<FolderLook | null>(null);
  const [can, setCan] = useState(false);
  const lookNow = async (ask: boolean) => {
    const { lookThroughRideFolder } = await loaded();
    const found = await lookThroughRideFolder(ask);
    setLook(found);
    if (found && found.fresh.length > 0) read(found.fresh.map((f) => f.file));
  };
  useEffect(() => {
    void loaded().then(async ({ canPickFolder, hasRideFolder }) => {
      setCan(canPickFolder());
      if (canPickFolder() && hasRideFolder()) await lookNow(false);
    });
    // Once, when the page opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const isNothingNew = rows !== null && rows.length > 0 && rows.every(isDone);
  useEffect(() => {
    // Files that bring nothing, now or ever, are not offered again.
    if (isNothingNew && look) void remember(settled(look.fresh, picked, rows ?? []));
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isNothingNew]);
  const folder = {
    name: look?.name ?? null,
    asks: look?.asks ?? false,
    fresh: look ? look.fresh.length : null,
    onPick: () =>
      void loaded().then(async ({ pickRideFolder }) => {
        if (await pickRideFolder()) await lookNow(true);
      }),
    onLook: () => void lookNow(true),
    onForget: () =>
      void loaded()
        .then(({ forgetRideFolder }) => forgetRideFolder())
        .then(() => setLook(null)),
  };
  /** What was read of the folder has been added: it is not offered again. */
  const seen = () => void remember(settled(look?.fresh ?? [], picked, rows ?? []));
  return { folder: can ? folder : null, seen };
}

const remember = async (files: readonly FolderFile[]) => (await loaded()).rememberSeen(files);

/** Whether a row is to stay out of the log. */
const isDone = ({ outcome }: ImportRow): boolean =>
  ['duplicate', 'failed', 'left out', 'work known'].includes(outcome);

/** Files of the folder that are among those brought in and have nothing left to look at. */
function settled(
  fresh: readonly FolderFile[],
  picked: readonly File[],
  rows: readonly ImportRow[],
): FolderFile[] {
  const open = rows.filter((r) => r.outcome === 'held').map((r) => r.file);
  const isOpen = (name: string) => open.includes(name) || open.includes(name.replace(/\.gz$/i, ''));
  return fresh.filter(({ file }) => picked.includes(file) && !isOpen(file.name));
}
