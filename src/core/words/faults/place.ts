import type { Place } from '../../records/faultEvents';

/** Where on a chain: "37 links on, drive side". */
export const placeText = ({ links, side }: Place): string =>
  `${links === 0 ? 'at the quick link or pin' : links === 1 ? '1 link on' : `${links} links on`}, ${side}`;
