import { useEffect, useMemo, useState } from 'react';
import type { BackupRead } from '@/core/formats/backup';
import { ok } from '@/core/problem';
import { selectLogbook, selectNow } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { readCodes, writeCodes } from '@/store/keptCodes';
import { restoreBackup } from '@/store/commands/arrivals';
import { keptText } from '@/store/keptText';
import { useOpenLogbook } from '@/store/OpenContext';
import { CarryPage } from '@/ui/carry/CarryPage';
import { useSay } from '@/ui/useSay';

/** To another device and back, by camera. */
export default function Carry() {
  const say = useSay();
  const dispatch = useAppDispatch();
  const { name } = useOpenLogbook();
  const keeper = useMemo(() => keptText(name, 'carry'), [name]);
  const logbook = useAppSelector(selectLogbook);
  const now = useAppSelector(selectNow);
  const [before, setBefore] = useState<readonly Uint8Array[]>([]);
  const [came, setCame] = useState<BackupRead | null>(null);
  useEffect(() => {
    void keeper.read().then((text) => setBefore(readCodes(text)));
  }, [keeper]);
  return (
    <CarryPage
      {...{ logbook, before }}
      demo={name === 'demo'}
      onKeep={(codes) => {
        setBefore(codes);
        void keeper.write(writeCodes(codes));
      }}
      onWhole={async (text) => {
        const { previewRestore, readBackup } = await import('@/store/keeping');
        const read = await readBackup(text, now);
        if (!read.ok) return { ok: false, problem: say(read.problem) };
        setCame(read.value);
        return ok({
          ...read.value,
          name: 'The other device’s logbook',
          preview: previewRestore(logbook, read.value.logbook),
          refused: read.value.refused.map((r) => r.place),
        });
      }}
      onTake={() => {
        if (came) dispatch(restoreBackup(came.logbook, 'The other device’s logbook taken in'));
      }}
    />
  );
}
