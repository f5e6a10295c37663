import type { ChainState } from '../care/model/state';
import type { Refusal } from '../senses/refusal';
import type { RagValue } from '../senses/rag/outside';
import type { Louder } from '../senses/sound/against';
import type { Rhythm } from '../senses/sound/listen';
import { formatShare } from '../units/format';
import { RAG_SHADES } from './labels';
import { louderText } from './louder';

/** What a rag's photograph says: "The chain is 41 % dirty outside, give or take 4 %, like the swatch “Grey”." */
export function ragSentence({ outside, sd, swatch, patches }: RagValue): string {
  const like = `like the swatch “${RAG_SHADES[swatch - 1] ?? ''}”`;
  if (patches === 0)
    return `No mark stands out on this rag: the chain left it clean, ${like}. If you see one, add it under “Move the outlines”.`;
  return `The chain is ${formatShare(outside)} dirty outside, give or take ${formatShare(sd)}, ${like}.`;
}

/** Why nothing was measured, and what to do. */
export function refusalSentence(refusal: Refusal): string {
  switch (refusal.code) {
    case 'sound/too-short':
      return `It holds fewer than ${refusal.fewest} turns of the cranks. Record for longer.`;
    case 'sound/too-long':
      return `It is longer than ${refusal.mostSeconds} seconds. Cut out the part where the chain turns.`;
    default:
      return REFUSED[refusal.code];
  }
}

const REFUSED: Record<Exclude<Refusal['code'], 'sound/too-short' | 'sound/too-long'>, string> = {
  'rag/none':
    'No rag stands out in this picture. Lay it on something darker, fill the picture with it, and take it again.',
  'rag/unsure':
    'Something dark lies at the edge of the rag, or has a colour of its own: a hand, a shadow, rust, or the mark itself. If it is the mark, add it under “Move the outlines”. If not, take the picture without it.',
  'rag/no-clean':
    'Too little clean cloth shows around the mark. Open the rag until an unused patch is in the picture.',
  'rag/clipped':
    'Part of the rag is too bright or too dark for the camera. Go out of the sun or turn the lamp away, and take it again.',
  'rag/uneven':
    'The light falls unevenly on the rag. Turn it, or step out of the shadow, and take it again.',
  'rag/blurred': 'The picture is blurred. Hold still, let it focus, and take it again.',
  'rag/not-picture': 'The browser cannot open this file as a picture. JPEG, PNG and WebP work.',
  'sound/too-quiet':
    'Next to nothing is to be heard. Hold the phone a hand from the chain and record again.',
  'sound/clipped':
    'It is too loud for the microphone. Hold the phone further off and record again.',
  'sound/wind': 'Wind drowns the chain. Go indoors or into the lee and record again.',
  'sound/speech': 'Somebody speaks over the chain. Record again while nobody talks.',
  'sound/not-sound': 'The browser cannot open this file as sound. WAV works.',
  'device/refused':
    'The browser keeps camera and microphone from this page. Allow it in the browser’s settings, or choose a file.',
  'device/none': 'No camera or microphone is connected. Choose a file instead.',
  'device/busy': 'Another app uses it just now. Close that one and try again, or choose a file.',
  'device/failed':
    'This browser could not measure it. Nothing was kept. Try again, or choose a file.',
};

/** What comes again and again in a recording. */
export function rhythmSentence({ perTurn, sd }: Rhythm): string {
  const often = `${perTurn.toFixed(2)} times in a turn of the cranks, give or take ${Math.max(0.01, 2 * sd).toFixed(2)}`;
  return perTurn < 0.95
    ? `Something comes ${often}: once in ${(1 / perTurn).toFixed(1)} turns.`
    : `Something comes ${often}.`;
}

/** What a recording says beside its quiet; `quietOn`: the day that was recorded, null: none was. */
export function besideQuietSentence(louder: Louder | null, quietOn: string | null): string {
  if (quietOn === null)
    return 'There is no quiet of this bike in this gear yet. After the next clean and coat, record it and keep it as its quiet.';
  if (!louder) return 'This recording shares no pitch with its quiet between 2 and 8 kHz.';
  const says = `Between 2 and 8 kHz it is ${louderText(louder)}, recorded on ${quietOn}`;
  if (louder.db > 2 * louder.sd)
    return `${says}. A chain that runs dry speaks there. Take it as a hint, and look at the verdict.`;
  return louder.db < -2 * louder.sd
    ? `${says}. Was the phone further off, or the place another? Then do not note it.`
    : `${says}. That is no more than two recordings differ by.`;
}

/** Why a chain is no quiet of its bike just now, by the log. */
export const notFreshSentence = ({ film, outside }: Pick<ChainState, 'film' | 'outside'>): string =>
  `By your log this chain has ${formatShare(film)} of its lube left and is ${formatShare(outside)} dirty outside: no good measure of its quiet. Record that after the next clean and coat.`;

/** Said at the end of work that leaves a whole coat. */
export const RECORD_ITS_QUIET =
  'When it has set, you may record how quiet it runs, under “Listen to the chain” on the Bench. Later recordings are held against that.';

export const NO_RHYTHM =
  'Nothing comes again and again: it is a steady sound, or too faint beside the rest.';
