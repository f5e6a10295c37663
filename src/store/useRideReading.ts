import { startTransition, useEffect, useRef, useState } from 'react';
import type { CsvMappings, ReadFile } from '@/core/formats/rideFile';
import { onOpenedWith, sharedFiles } from '@/work/arrivedFiles';
import type { Progress, Reading } from '@/work/readRideFiles';

/** Files picked, and what a worker reads in them. */
export function useRideReading(mappings: CsvMappings, hasBike: boolean) {
  const [picked, setPicked] = useState<File[]>([]);
  const [files, setFiles] = useState<ReadFile[] | null>(null);
  const [reading, setReading] = useState<Reading | null>(null);
  const [progress, setProgress] = useState<Progress | null>(null);
  /** The batch that counts: a reading of an earlier one is stopped, and what it finds left. */
  const batch = useRef<{ list: File[]; reading: Reading | null }>({ list: [], reading: null });
  const read = async (list: File[], known: CsvMappings = mappings) => {
    batch.current.reading?.cancel();
    const own: (typeof batch)['current'] = { list, reading: null };
    batch.current = own;
    setPicked(list);
    setProgress({ read: 0, of: list.length, found: 0 });
    const { readRideFiles } = await import('@/work/clients');
    if (batch.current !== own) return;
    own.reading = readRideFiles(list, known, (now) => batch.current === own && setProgress(now));
    setReading(own.reading);
    const { files: done } = await own.reading.done;
    if (batch.current !== own) return;
    own.reading = null;
    // Hundreds of rows are drawn in slices, so that the page goes on answering.
    startTransition(() => {
      setFiles(done);
      setProgress(null);
      setReading(null);
    });
  };
  /** Reads files that come by themselves beside those that are there: none may push another out. */
  const readMore = (list: File[]) => read([...batch.current.list, ...list]);
  const readAgain = (known: CsvMappings) => read(picked, known);
  useArrived(hasBike, (list) => void readMore(list));
  return { files, picked, reading, progress, read, readMore, readAgain };
}

/** Hands over files shared to the installed app, or that it was opened with. They wait until there is a bike. */
function useArrived(hasBike: boolean, take: (files: File[]) => void) {
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    if (!hasBike) return;
    const hand = (files: File[]) => files.length > 0 && latest.current(files);
    void sharedFiles().then(hand);
    onOpenedWith(hand);
  }, [hasBike]);
}
