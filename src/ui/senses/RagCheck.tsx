import { startTransition, useState } from 'react';
import type { PlainEvent } from '@/core/records/event';
import type { RagPhoto } from '@/core/records/rag';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { InView } from '../frame/InView';
import { RagMeter } from './RagMeter';
import { Txt } from '../theme/Txt';
import { Swatches } from './Swatches';

/** What came off on the rag: a swatch picked by eye, or the one a photograph equals. */
export interface RagNoted {
  swatch: number;
  photo?: RagPhoto;
}

interface Props {
  events: readonly PlainEvent[];
  practice: boolean;
  onRag: (read: RagNoted) => void;
}

/** The rag held against five swatches, or photographed. */
export function RagCheck({ events, practice, onRag }: Props) {
  const [photo, setPhoto] = useState(false);
  const change = (to: boolean) => startTransition(() => setPhoto(to));
  return (
    <InView>
      <Card title={photo ? 'Photograph the rag' : 'What came off on the rag?'} help="rag">
        {photo ? (
          <RagMeter {...{ events, practice }} onRead={onRag} onCancel={() => change(false)} />
        ) : (
          <>
            <Txt variant="small" tone="inkSoft">
              Crank still. Hold a clean patch round the lower run, pull it along a hand’s width,
              look.
            </Txt>
            <Swatches onPick={(swatch) => onRag({ swatch })} />
            <Button kind="quiet" label="Photograph it instead" onPress={() => change(true)} />
          </>
        )}
      </Card>
    </InView>
  );
}
