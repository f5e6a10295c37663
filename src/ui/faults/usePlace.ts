import { useState, type ComponentProps } from 'react';
import { hasPlace, NO_PLACE, readPlace } from '@/core/entry/fault';
import type { Place } from '@/core/records/faultEvents';
import type { Cause, Notable } from '@/core/records/faults';
import type { PlaceFields } from './PlaceFields';

/**
 * A place on a chain of so many links as it is entered for something; `fields` is null where it has none. `take` hands it on
 * once it can be read, and else has its problem shown.
 */
export function usePlace(what: Cause | Notable, links: number) {
  const [draft, setDraft] = useState(NO_PLACE);
  const [asked, setAsked] = useState(false);
  const asks = hasPlace(what);
  const read = readPlace(asks ? draft : NO_PLACE, links);
  const fields: ComponentProps<typeof PlaceFields> | null = asks
    ? { draft, onChange: setDraft, problem: asked && !read.ok ? read.problem : undefined }
    : null;
  const take = (onPlace: (place: Place | null) => void) =>
    read.ok ? onPlace(read.value) : setAsked(true);
  return { fields, take };
}
