import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { BackupRead } from '@/core/formats/backup';
import {
  selectGarage,
  selectLogbook,
  selectNow,
  selectReplay,
  selectSession,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { restoreBackup } from '@/store/commands/arrivals';
import { useKeeper } from '@/store/keeping/useKeeper';
import { discardQuarantined } from '@/store/quarantine';
import { useOpenLogbook } from '@/store/OpenContext';
import { BackupCard, DeviceCard, FolderCard, QuarantineCard } from '@/ui/book/FileCards';
import { RestoreCard } from '@/ui/book/RestoreCard';
import { canShareFiles, downloadText, shareText } from '@/ui/download';
import { Page } from '@/ui/frame/Page';
import { useSay } from '@/ui/useSay';

type Kept = NonNullable<ReturnType<typeof useKeeper>>;

/** Files: the whole logbook out as one file, and in again; how safely this device keeps it. */
export default function Files() {
  const dispatch = useAppDispatch();
  const open = useOpenLogbook();
  const kept = useKeeper();
  const now = useAppSelector(selectNow);
  const { quarantined } = useAppSelector(selectSession);
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
      {kept ? (
        <>
          <Out kept={kept} />
          <DeviceCard
            {...kept.keeping}
            onOperations={() => downloadText(`operations-${day}.txt`, open.operations.text())}
          />
          <In kept={kept} />
        </>
      ) : null}
    </Page>
  );
}

/** The logbook out: by hand, and by itself where the browser can. */
function Out({ kept: { keeping, keeper } }: { kept: Kept }) {
  const say = useSay();
  const router = useRouter();
  const garage = useAppSelector(selectGarage);
  const { replay } = useAppSelector(selectReplay);
  const takeOut = async (give: (name: string, text: string) => void) => {
    const { name, text } = await keeper.takeBackup();
    give(name, text);
  };
  const takeTable = async () => {
    const { writeEverythingCsv } = await import('@/work/writers');
    downloadText('logbook.csv', writeEverythingCsv(replay.steps, garage), 'text/csv');
  };
  return (
    <>
      <BackupCard
        {...keeping}
        onExport={() => void takeOut(downloadText)}
        onTable={() => void takeTable()}
        onCarry={() => router.navigate('/book/carry')}
        onShare={canShareFiles() ? () => void takeOut(shareText) : null}
      />
      {keeping.canKeep ? (
        <FolderCard
          folder={keeping.folder}
          problem={keeping.problem ? say(keeping.problem) : null}
          onPick={() => void keeper.pickFolder()}
          onReopen={() => void keeper.reopenFolder()}
          onDrop={() => void keeper.dropFolder()}
        />
      ) : null}
    </>
  );
}

/** A backup in: read, shown field by field, then taken over. */
function In({ kept: { backups } }: { kept: Kept }) {
  const say = useSay();
  const dispatch = useAppDispatch();
  const logbook = useAppSelector(selectLogbook);
  const now = useAppSelector(selectNow);
  const [file, setFile] = useState<({ name: string } & BackupRead) | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const pick = async (picked: File) => {
    const read = await backups.readBackup(await picked.text(), now);
    setProblem(read.ok ? null : say(read.problem));
    setFile(read.ok ? { name: picked.name, ...read.value } : null);
  };
  return (
    <RestoreCard
      problem={problem}
      file={
        file
          ? {
              ...file,
              preview: backups.previewRestore(logbook, file.logbook),
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
  );
}
