import { useState } from 'react';

/** A record as it was when its form was opened; another record of another id begins again. */
export function useAsOpened<T extends { id: string }>(record: T | null): T | null {
  const [opened, setOpened] = useState(record);
  if (opened?.id === record?.id) return opened;
  setOpened(record);
  return record;
}
