import { useState } from 'react';
import { View } from 'react-native';
import type { PartNoted } from '@/core/records/faultEvents';
import { NOTABLE, type Notable } from '@/core/records/faults';
import { NOTABLE_WORDS, noteText } from '@/core/words/faults/found';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { PlaceFields } from './PlaceFields';
import { usePlace } from './usePlace';

type Note = Pick<PartNoted, 'what' | 'place' | 'putRight'>;

interface Props {
  /** What is noted and not put right. */
  notes: readonly PartNoted[];
  /** Links of the chain. */
  links: number;
  onNote: (note: Note) => void;
}

/** What was seen on parts before it was heard: it comes back in the next search. */
export function NotedCard({ notes, links, onNote }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Card title="Noted on this bike">
      {notes.length === 0 ? (
        <Txt tone="inkSoft">Nothing yet. What you note here counts when you look for a noise.</Txt>
      ) : null}
      {notes.map((note) => (
        <View key={note.id} style={{ gap: 6 }}>
          <Txt>{noteText(note)}.</Txt>
          <Button
            label="Put right"
            name={`Put right: ${NOTABLE_WORDS[note.what]}`}
            onPress={() => onNote({ what: note.what, place: note.place, putRight: true })}
          />
        </View>
      ))}
      <Button
        kind="quiet"
        label={open ? 'Not now' : 'Note something you saw'}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <NoteForm
          links={links}
          onNote={(note) => {
            setOpen(false);
            onNote(note);
          }}
        />
      ) : null}
    </Card>
  );
}

const OPTIONS = NOTABLE.map((what) => ({ value: what, label: NOTABLE_WORDS[what] }));

function NoteForm({ links, onNote }: Pick<Props, 'links' | 'onNote'>) {
  const [what, setWhat] = useState<Notable>(NOTABLE[0]);
  const { fields, take } = usePlace(what, links);
  return (
    <View style={{ gap: 10 }}>
      <Choice label="What did you see?" options={OPTIONS} value={what} onChange={setWhat} />
      {fields ? <PlaceFields {...fields} /> : null}
      <Button
        label="Note it"
        onPress={() => take((place) => onNote({ what, place, putRight: false }))}
      />
    </View>
  );
}
