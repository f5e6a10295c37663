import { useEffect, useState } from 'react';
import type { FolderFile, FolderLook } from './rideFolder';

const loaded = () => import('./rideFolder');

/** The folder of rides as the import sees it: looked through when the page opens, what is new handed to `read`. */
export function useRideFolder(read: (files: File[]) => void) {
  const [look, setLook] = useState<FolderLook | null>(null);
  const [can, setCan] = useState(false);
  const [taken, setTaken] = useState<FolderFile[]>([]);
  const lookNow = async (ask: boolean) => {
    const { lookThroughRideFolder } = await loaded();
    const found = await lookThroughRideFolder(ask);
    setLook(found);
    if (!found || found.fresh.length === 0) return;
    setTaken(found.fresh);
    read(found.fresh.map((f) => f.file));
  };
  useEffect(() => {
    void loaded().then(async ({ canPickRideFolder, hasRideFolder }) => {
      setCan(canPickRideFolder());
      if (canPickRideFolder() && hasRideFolder()) await lookNow(false);
    });
    // Once, when the page opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
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
  const seen = () => void loaded().then(({ rememberSeen }) => rememberSeen(taken));
  return { folder: can ? folder : null, seen };
}
