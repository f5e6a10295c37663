import { useRef, useState } from 'react';
import type { Outlines, RagReading } from '@/core/senses/rag/read';
import type { Measured, Refusal } from '@/core/senses/refusal';
import { lookAtRag, type RagSight } from '@/work/senses';
import { giveBack, openCamera } from './devices';
import { useStandBy } from './useStandBy';

/** How far a rag has been read. */
export type Looking =
  | { at: 'start'; refused: Refusal | null }
  | { at: 'camera'; stream: MediaStream }
  | { at: 'looking' }
  | {
      at: 'seen';
      url: string;
      outlines: Outlines | null;
      /** Null: it is being read again. */
      reading: Measured<RagReading> | null;
    };

const refusedFor = (refused: Refusal | null): Looking => ({ at: 'start', refused });

/** A rag being read: by camera or file, found, and read again as its outlines are dragged. */
export function useRag() {
  const [looking, setLooking] = useState<Looking>({ at: 'start', refused: null });
  const sight = useRef<RagSight | null>(null);
  const url = useRef<string | null>(null);
  const asked = useRef(0);
  const forget = () => {
    sight.current?.end();
    sight.current = null;
    if (url.current) URL.revokeObjectURL(url.current);
    url.current = null;
  };
  useStandBy(() => {
    asked.current += 1;
    forget();
  });
  const read = async (outlines: Outlines) => {
    const now = ++asked.current;
    setLooking((was) => (was.at === 'seen' ? { ...was, outlines, reading: null } : was));
    const reading = (await sight.current?.read(outlines)) ?? null;
    // Only the last question's answer counts: outlines are dragged faster than they are read.
    if (now === asked.current) setLooking((was) => (was.at === 'seen' ? { ...was, reading } : was));
  };
  const look = async (picture: Blob | null) => {
    forget();
    if (!picture) return setLooking(refusedFor({ code: 'device/failed' }));
    const now = ++asked.current;
    setLooking({ at: 'looking' });
    const seen = await lookAtRag(picture);
    if (now !== asked.current) return seen.end();
    sight.current = seen;
    const { outlines, reading, shown } = seen;
    if (!shown) return setLooking(refusedFor(reading.ok ? null : reading.problem));
    url.current = URL.createObjectURL(shown);
    setLooking({ at: 'seen', url: url.current, outlines, reading });
  };
  return {
    looking,
    look,
    read,
    openCamera: async () => {
      const now = ++asked.current;
      const stream = await openCamera();
      // Asked twice, or left before the rider allowed it: it is given back unseen.
      if (now !== asked.current) return stream.ok && giveBack(stream.value);
      setLooking(stream.ok ? { at: 'camera', stream: stream.value } : refusedFor(stream.problem));
    },
    again: () => {
      asked.current += 1;
      forget();
      setLooking({ at: 'start', refused: null });
    },
  };
}
