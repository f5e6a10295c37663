import type { CoatPoint } from '../trials/report';
import type { TrialCoat } from '../trials/judged';
import type { Arm, Measure } from '../records/trialKinds';
import { formatDistance, formatShare } from '../units/format';
import type { Units } from '../units/convert';
import { dateFormat } from '../intl/dates';
import { END_LABEL, UNCOUNTED_LABEL } from './trials';

/** How the picture of a trial's coats is read. */
export function howToRead(measure: Measure, someLonger: boolean): string {
  const rings =
    measure === 'squeak'
      ? 'A ring is a coat as it was, with the way it went. The dot is the same coat with its weather taken out.'
      : 'A ring is a rag as it was, with the dirt it showed. The dot is the same rag with weather and distance taken out.';
  return someLonger
    ? `${rings} An arrow is a coat that was still quiet: it would have gone farther.`
    : rings;
}

const day = dateFormat({ day: 'numeric', month: 'short' });

/** A coat of a trial in a line, with what it showed as it was and with its weather taken out. */
export function coatLine(
  { coat, arm, uncounted, evidence }: TrialCoat,
  point: CoatPoint | undefined,
  { labels, units }: { labels: Record<Arm, string>; units: Units },
): string {
  const date = day.format(Date.parse(coat.work.at));
  const way = arm === 'a' || arm === 'b' ? labels[arm] : 'Neither way';
  const told = `${date}, ${arm === null ? 'way not said' : way}: ${formatDistance(coat.km, units)}, ${END_LABEL[coat.end]}`;
  if (uncounted) return `${told}; ${UNCOUNTED_LABEL[uncounted]}.`;
  if (!point || !evidence) return `${told}; nothing to tell yet.`;
  if (evidence.kind === 'rag')
    return `${told}; rag ${formatShare(point.raw)} dirty, ${formatShare(point.evened)} with the weather taken out.`;
  const evened = formatDistance(point.evened, units);
  return point.atLeast
    ? `${told}; still quiet after ${evened}, with the weather taken out.`
    : `${told}; ${evened} with the weather taken out.`;
}
