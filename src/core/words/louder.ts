import type { Louder } from '../senses/sound/against';

/** "6 ± 2 dB louder than its quiet", "as loud as its quiet". */
export function louderText({ db, sd }: Louder): string {
  const by = Math.round(Math.abs(db));
  const within = Math.max(1, Math.round(sd));
  if (by === 0) return `as loud as its quiet, within ${within} dB`;
  return `${by} ± ${within} dB ${db < 0 ? 'quieter' : 'louder'} than its quiet`;
}
