import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  /** What there is to say of the trial that runs on this bike; null: none does. */
  said: { id: string; lines: readonly string[] } | null;
  onOpen: (id: string) => void;
}

/** The trial that runs on this bike: whose turn the next coat is, and when a rag is to be read. */
export const YourTrial = ({ said, onOpen }: Props) =>
  said && (
    <Card title="Your trial">
      {said.lines.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <Button label="See the trial" onPress={() => onOpen(said.id)} />
    </Card>
  );
