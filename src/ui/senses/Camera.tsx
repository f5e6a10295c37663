import { createElement, useEffect, useRef } from 'react';
import { View } from 'react-native';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { giveBack, pictureOf } from './devices';

interface Props {
  stream: MediaStream;
  /** Null: this browser cannot make one. */
  onPicture: (picture: Blob | null) => void;
  onCancel: () => void;
}

/** What the camera sees, and a button to take it. The camera is given back when this goes. */
export function Camera({ stream, onPicture, onCancel }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    if (video.current) video.current.srcObject = stream;
    return () => giveBack(stream);
  }, [stream]);
  const take = async () => {
    if (!video.current?.videoWidth) return;
    const picture = await pictureOf(video.current);
    giveBack(stream);
    onPicture(picture);
  };
  return (
    <View style={{ gap: 10 }}>
      <Video field={{ ref: video, autoPlay: true, muted: true, playsInline: true }} />
      <Txt variant="small" tone="inkSoft">
        Fill the picture with the rag: the mark in the middle, clean cloth all around it.
      </Txt>
      <Button kind="strong" label="Take it" onPress={() => void take()} />
      <Button kind="quiet" label="Without the camera" onPress={onCancel} />
    </View>
  );
}

const Video = ({ field }: { field: object }) =>
  createElement('video', {
    ...field,
    'aria-label': 'What the camera sees',
    style: {
      width: '100%',
      maxHeight: '55vh',
      borderRadius: 10,
      background: '#000',
      display: 'block',
    },
  });
