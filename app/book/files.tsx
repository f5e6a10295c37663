import { useState } from 'react';
import { previewRestore, readBackup, writeBackup } from '@/core/formats';
import type { Logbook } from '@/core/logbook';
import { say } from '@/core/messages';
import {
  restoreBackup,
  selectLogbook,
  selectNow,
  selectSession,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { discardQuarantined } from '@/store/quarantine';
import { useOpenLogbook } from '@/store/OpenContext';
import { Page } from '@/ui/frame';
import { BackupCard, QuarantineCard, RestoreCard } from '@/ui/book/FileCards';
import { downloadText } from '@/ui/download';

/** Files: the whole logbook out as one file, and in again. */
export default function Files() {
  const dispatch = useAppDispatch();
  const open = useOpenLogbook();
  const logbook = useAppSelector(selectLogbook);
  const now = useAppSelector(selectNow);
  const { quarantined } = useAppSelector(selectSession);
  const [file, setFile] = useState<{ name: string; backup: Logbook } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const pick = async (picked: File) => {
    const read = readBackup(await picked.text());
    setProblem(read.ok ? null : say(read.problem));
    setFile(read.ok ? { name: picked.name, backup: read.value } : null);
  };
  const day = new Date(now).toISOString().slice(0, 10);
  return (
    <Page title="Files">
      {quarantined.map((part) => (
        <QuarantineCard
          key={part.key}
          part={part.part}
          onExport={() => downloadText(`set-aside-${day}.txt`, part.text)}
          onDiscard={() => dispatch(discardQuarantined(open.persistence, part.key))}
        />
      ))}
      <BackupCard
        onExport={() =>
          downloadText(
            `dapper-spoke-${day}.json`,
            writeBackup(logbook, new Date(now).toISOString()),
          )
        }
      />
      <RestoreCard
        problem={problem}
        file={file ? { name: file.name, preview: previewRestore(logbook, file.backup) } : null}
        onPick={pick}
        onRestore={() => {
          if (file) dispatch(restoreBackup(file.backup));
          setFile(null);
        }}
        onCancel={() => setFile(null)}
      />
    </Page>
  );
}
