import type { BenchStep } from '../bench/steps';
import type { Unsettled } from '../records/kinds';

/** What a button says that leaves a failed check open. Whatever carries the rider means: do not ride. */
export function leaveOpenLabel({ id, closing }: BenchStep): string {
  if (id === 'first ride') return 'Not yet: remind me on Today';
  if (id === 'listen') return 'Go on, find it later';
  return closing ? 'Go on, and do not ride yet' : 'Go on all the same';
}

/** What to do about a check left open, on Today until it is put right. */
export const LEFT_OPEN: Record<Unsettled, string> = {
  noise: 'It did not run quietly after the last work. Find the noise before a long ride.',
  brakes:
    'A brake did not stop the bike after the last work. Do not ride. If cleaning does not help, a workshop will.',
  closure: 'The chain’s closure did not seat. Do not ride until it does, or put in a new one.',
  routing: 'The chain ran the wrong way through the cage. Do not ride until it runs right.',
  wheel: 'The rear wheel was not tight. Do not ride until it is.',
  tension: 'The chain’s tension was not right. Do not ride far until it is.',
  'jockey wheels': 'A jockey wheel turns stiffly. Replace it soon.',
  'worn link': 'The quick link opened without force. Put in a new one before the next long ride.',
  'worn teeth':
    'The new chain runs on teeth that look worn. Ride gently, and if it skips, fit a new cassette or ring.',
  skipping:
    'The new chain skips or has a stiff link. Do not press hard on the pedals until it runs clean.',
  'first ride':
    'The new chain has not been tried yet. Ride it for ten minutes near home, through all gears, before anything important.',
};

/** What a button says that settles it. */
export const PUT_RIGHT: Record<Unsettled, string> = {
  noise: 'It is quiet now',
  brakes: 'Both brakes stop me now',
  closure: 'It is seated now',
  routing: 'It runs right now',
  wheel: 'It is tight now',
  tension: 'It is right now',
  'jockey wheels': 'It turns freely now',
  'worn link': 'A new link is in',
  'worn teeth': 'New teeth are on',
  skipping: 'It no longer skips',
  'first ride': 'I rode it, and it runs clean',
};
