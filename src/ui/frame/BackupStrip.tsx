import { Button } from '../form/Button';
import { Strip } from './Strip';

interface Props {
  unsaved: number;
  daysSince: number | null;
  onOpen: () => void;
  onLater: () => void;
}

/** Reminds of a backup when many entries are in this browser only. */
export default function BackupStrip({ unsaved, daysSince, onOpen, onLater }: Props) {
  const since =
    daysSince === null
      ? 'There is no backup yet.'
      : `Last backup ${daysSince === 0 ? 'today' : daysSince === 1 ? 'yesterday' : `${daysSince} days ago`}.`;
  return (
    <Strip
      role="status"
      ground="tape"
      tone="onTape"
      variant="label"
      text={`${unsaved} entries are in this browser only. ${since}`}
    >
      <Button label="Back up" onPress={onOpen} />
      <Button label="Later" onPress={onLater} />
    </Strip>
  );
}
