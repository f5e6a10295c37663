import { createElement, useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Refusal } from '@/core/senses/refusal';
import { refusalSentence } from '@/core/words/senses';
import type { Carrier, Seen } from '@/work/carry';
import { Button } from '../form/Button';
import { giveBack, openCamera } from '../senses/devices';
import { Txt } from '../theme/Txt';

interface Props {
  carrier: Carrier;
  /** What is to be held before the camera. */
  hint: string;
  onSeen: (seen: Seen) => void;
  onCancel: () => void;
}

/** The camera, looking for codes until this goes; then it is given back. */
export function CodeCamera({ carrier, hint, onSeen, onCancel }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const [refused, setRefused] = useState<Refusal | null>(null);
  const told = useRef(onSeen);
  useEffect(() => {
    told.current = onSeen;
  }, [onSeen]);
  useEffect(() => {
    let stream: MediaStream | null = null;
    let over = false;
    const look = async () => {
      while (!over) {
        const seen = video.current ? await carrier.look(video.current).catch(() => null) : null;
        if (over) return;
        if (seen && seen.kind !== 'nothing') told.current(seen);
        await new Promise((next) => setTimeout(next, seen ? BETWEEN_MS : NOT_YET_MS));
      }
    };
    void openCamera().then((opened) => {
      if (!opened.ok) return setRefused(opened.problem);
      if (over || !video.current) return giveBack(opened.value);
      stream = opened.value;
      video.current.srcObject = stream;
      void look();
    });
    return () => {
      over = true;
      if (stream) giveBack(stream);
    };
  }, [carrier]);
  if (refused)
    return (
      <>
        <Txt tone="danger" live="assertive">
          {refusalSentence(refused)}
        </Txt>
        <Button label="Leave it" onPress={onCancel} />
      </>
    );
  return (
    <View style={styles.column}>
      <Video field={{ ref: video, autoPlay: true, muted: true, playsInline: true }} />
      <Txt variant="small" tone="inkSoft">
        {hint}
      </Txt>
      <View style={styles.row}>
        <Button label="Stop reading" onPress={onCancel} />
      </View>
    </View>
  );
}

/** A camera gives 30 pictures a second, a screen shows six codes. */
const BETWEEN_MS = 30;
const NOT_YET_MS = 100;

const Video = ({ field }: { field: object }) =>
  createElement('video', {
    ...field,
    'aria-label': 'What the camera sees',
    style: { width: '100%', maxHeight: '45vh', borderRadius: 10, background: '#000' },
  });

const styles = StyleSheet.create({
  column: { gap: 10 },
  row: { flexDirection: 'row' },
});
