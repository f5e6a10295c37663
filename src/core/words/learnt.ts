import type { Personal } from '../care/model/personal';
import type { Lesson } from '../care/replay/lessons';
import type { ChainRecorded } from '../records/recording';
import { formatNumber, formatShare } from '../units/format';
import { learntFrom } from './learntFrom';
import { louderText } from './louder';

/** How long the rider's coats last beside the handbook's; `km`: the rider's figure. */
export function lifeSentence({ life }: Personal, km: string): string {
  if (life.seen === 0)
    return 'Nothing noted yet. When it squeaks, or is still quiet, say so under “Heard a noise” on Today.';
  const percent = Math.round((life.mid - 1) * 100);
  const than =
    percent === 0
      ? 'as long as the handbook says'
      : `${Math.abs(percent)} % ${percent > 0 ? 'longer' : 'shorter'} than the handbook figure`;
  return `Yours lasts ${than}: ${km} (${learntFrom(life.seen)}).`;
}

/** How fast grit comes beside the handbook. */
export function gritSentence({ grit }: Personal): string {
  const rags = `${grit.seen} rag ${grit.seen === 1 ? 'check' : 'checks'}`;
  return `Grit comes ${formatNumber(grit.mid)} times as fast as the handbook has it (${rags}).`;
}

function recordedSentence(
  { louder }: ChainRecorded,
  expected: number,
  uncounted: Lesson['uncounted'],
): string {
  const than = louder ? `Recorded: ${louderText(louder)}` : 'Recorded';
  switch (uncounted) {
    case 'two bikes':
      return `${than}. This coat was ridden on more than one bike, so we do not count it.`;
    case 'too little':
      return `${than}, after too little dry riding to tell anything.`;
    case 'same coat':
      return `${than}. It had squeaked by then, so there was nothing left to learn.`;
    default:
      return `${than}, where ${formatNumber(Math.round(expected))} dB were expected.`;
  }
}

/** What a note taught, or why it taught nothing; `km` says a factor on the handbook life as a distance. */
export function lessonSentence(
  { event, kind, shown, expected, uncounted }: Lesson,
  km: (factor: number) => string,
): string {
  if (event.type === 'ragChecked' && shown !== null)
    return event.photo
      ? `Rag photographed: ${formatShare(shown)} dirty, give or take ${formatShare(event.photo.sd)}; ${formatShare(expected)} expected.`
      : `Rag check: ${formatShare(shown)} dirty, ${formatShare(expected)} expected.`;
  if (event.type === 'chainRecorded') return recordedSentence(event, expected, uncounted);
  const heard = kind === 'spent' ? 'It squeaked' : 'Still quiet';
  if (shown === null) return `${heard}, after too little dry riding to tell anything.`;
  switch (uncounted) {
    case 'odd':
      return kind === 'spent'
        ? `A squeak at ${km(shown)} of use? Too soon for the lube: not counted.`
        : `Still quiet at ${km(shown)} of use? A lubing must be missing: not counted.`;
    case 'same coat':
      return 'It squeaked again on the same coat. We count that once.';
    case 'two bikes':
      return `${heard} at ${km(shown)}. This coat was ridden on more than one bike, so we do not count it.`;
    default:
      return kind === 'spent'
        ? `It squeaked at ${km(shown)} of dry use, where ${km(expected)} were expected.`
        : `Still quiet at ${km(shown)} of dry use: its life is longer than that.`;
  }
}
