import type { Refusal } from '../senses/refusal';
import type { RagValue } from '../senses/rag';
import type { Louder } from '../senses/sound';
import { formatShare } from '../units';
import { RAG_SHADES } from './labels';

/** "6 ± 2 dB louder than its quiet", "as loud as its quiet". */
export function louderText({ db, sd }: Louder): string {
  const by = Math.round(Math.abs(db));
  const within = Math.max(1, Math.round(sd));
  if (by === 0) return `as loud as its quiet, within ${within} dB`;
  return `${by} ± ${within} dB ${db < 0 ? 'quieter' : 'louder'} than its quiet`;
}

/** What a rag's photograph says: "The rag shows 38 to 46 % dirt outside, like the swatch “grey”." */
export function ragSentence({ outside, sd, swatch, patches }: RagValue): string {
  const like = `like the swatch “${(RAG_SHADES[swatch - 1] ?? '').toLowerCase()}”`;
  if (patches === 0) return `The rag came away clean, ${like}.`;
  const [low, high] = [Math.max(0, outside - sd), Math.min(1, outside + sd)];
  return `The chain is ${formatShare(outside)} dirty outside, between ${formatShare(low)} and ${formatShare(high)}, ${like}.`;
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
