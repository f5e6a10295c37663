import { useEffect, useMemo, useState } from 'react';
import { hireCarrier, type Carrier } from '@/work/carry';

/** The worker that writes and reads codes, as long as the page is open; and whether it failed. */
export function useCarrier(): { carrier: Carrier; failed: boolean } {
  const [failed, setFailed] = useState(false);
  const carrier = useMemo(() => hireCarrier(() => setFailed(true)), []);
  useEffect(() => () => carrier.end(), [carrier]);
  return { carrier, failed };
}
