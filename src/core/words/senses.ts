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
