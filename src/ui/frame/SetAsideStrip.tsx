import { Button } from '../form/Button';
import { Strip } from './Strip';
import { useSay } from '../useSay';

interface Props {
  /** Key of the part set aside: `log/2026-10`, `garage`. */
  part: string;
  onOpen: () => void;
}

/** Tells that a part of the logbook could not be read and was kept aside, and leads there. */
export function SetAsideStrip({ part, onOpen }: Props) {
  const say = useSay();
  return (
    <Strip
      role="alert"
      ground="dangerCloth"
      tone="danger"
      variant="small"
      text={say({ code: 'storage/damaged', part })}
    >
      <Button label="Open Files" onPress={onOpen} />
    </Strip>
  );
}
