import { useState } from 'react';
import type { BackupRead } from '@/core/formats';
import { say } from '@/core/words/problems';
import {
  restoreBackup,
  selectLogbook,
  selectNow,
  selectSession,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { useKeeper } from '@/store/keeping/useKeeper';
import { discardQuarantined } from '@/store/quarantine';
import { useOpenLogbook } from '@/store/OpenContext';
import { BackupCard, DeviceCard, FolderCard, QuarantineCard } from '@/ui/book/FileCards';
import { RestoreCard } from '@/ui/book/RestoreCard';
import { canShareFiles, downloadText, shareText } from '@/ui/download';
import { Page } from '@/ui/frame';

/** Files: the whole logbook out as one file, and in again; how safely this device keeps it. */
export default function Files() {
  const dispatch = useAppDispatch();
  const open = useOpenLogbook();
  const keeping = useKeeper();
  const logbook = useAppSelector(selectLogbook);
  const now = useAppSelector(selectNow);
  const { quarantined } = useAppSelector(selectSession);
  const [file, setFile] = useState<({ name: string } & BackupRead) | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const pick = async (picked: File) => {
    const text = await picked.text();
    const read = await keeping?.backups.readBackup(text, now);
    if (!read) return;
    setProblem(read.ok ? null : say(read.problem));
    setFile(read.ok ? { name: picked.name, ...read.value } : null);
  };
  const day = new Date(now).toISOString().slice(0, 10);
  const takeOut = async (give: (name: string, text: string) => void) => {
    const backup = await keeping?.keeper.takeBackup();
    if (backup) give(backup.name, backup.text);
  };
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
      {keeping ? (
        <>
          <BackupCard
            {...keeping.keeping}
            onExport={() => void takeOut(downloadText)}
            onShare={canShareFiles() ? () => void takeOut(shareText) : null}
          />
          {keeping.keeping.canKeep ? (
            <FolderCard
              folder={keeping.keeping.folder}
              problem={keeping.keeping.problem ? say(keeping.keeping.problem) : null}
              onPick={() => void keeping.keeper.pickFolder()}
              onReopen={() => void keeping.keeper.reopenFolder()}
              onDrop={() => void keeping.keeper.dropFolder()}
            />
          ) : null}
          <DeviceCard {...keeping.keeping} />
          <RestoreCard
            problem={problem}
            file={
              file
                ? {
                    ...file,
                    preview: keeping.backups.previewRestore(logbook, file.logbook),
                    refused: file.refused.map((r) => r.place),
                  }
                : null
            }
            onPick={pick}
            onRestore={() => {
              if (file) dispatch(restoreBackup(file.logbook));
              setFile(null);
            }}
            onCancel={() => setFile(null)}
          />
        </>
      ) : null}
    </Page>
  );
}
