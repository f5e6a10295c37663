import { likelihoodOf, shownBetween, type Likelihood } from '../../learn/belief';
import { normalFit } from '../../learn/own';
import { clamp } from '../../units/convert';
import { CARE } from './constants';

/**
 * What the rider has noted of a coat, as factors on its handbook life: it was still quiet at `quietTo` (0: nobody
 * said), heard so after each of `quietRides` rides (null: one went unheard); it squeaked between `squeakFrom` and
 * `squeakTo` (null: it did not); ridden on unheard, it was renewed at `renewedAt` (null: it is still on, or was
 * quiet to the last).
 */
export interface CoatNotes {
  quietTo: number;
  quietRides: number | null;
  squeakFrom: number;
  squeakTo: number | null;
  renewedAt: number | null;
  /** The last recording of it beside its quiet; null: none. */
  recording: Recorded | null;
}

/** A coat when it was recorded: what distance had taken by the handbook, what was left for it to take, and how loud it was. */
export interface Recorded {
  worn: number;
  forDistance: number;
  db: number;
  sd: number;
}

export const NOTHING_NOTED: CoatNotes = {
  quietTo: 0,
  quietRides: 0,
  squeakFrom: 0,
  squeakTo: null,
  renewedAt: null,
  recording: null,
};

const { noteMeansNothing, byChanceInARide, squeakNoise } = CARE;

/**
 * How likely the notes of one coat are: together one observation, however many there are. Some squeaks come from
 * a jockey wheel and some ears hear nothing, so that a share of all notes says nothing of the coat. A rider who
 * said "quiet" after each ride, then nothing, and renewed it, had either heard it end, or another reason.
 */
export function coatLikelihood(notes: CoatNotes): Likelihood {
  const known = likelihoods.get(notes) ?? likelihoodOfCoat(notes);
  likelihoods.set(notes, known);
  return known;
}
/** Notes are never changed, and each is asked about several times. */
const likelihoods = new WeakMap<CoatNotes, Likelihood>();

function likelihoodOfCoat(notes: CoatNotes): Likelihood {
  const heard = likelihoodByEar(notes);
  if (!notes.recording) return heard;
  const recorded = recordedBy(notes.recording);
  return heard.map((l, n) => l * (recorded[n] as number));
}

/** How much louder than its quiet a chain is with so much film, dB. Own estimate: it speaks when most is gone. */
export const louderWith = (film: number): number => CARE.dryDb.value * (1 - film) ** 3;

/** How likely a recording is where this coat's own life is `life` times the handbook's; a share says nothing of it. */
export function fitOfRecording({ worn, forDistance, db, sd }: Recorded, life: number): number {
  const film = clamp(forDistance - worn / life, 0, 1);
  const error = Math.hypot(sd, CARE.recordingNoise.value);
  return (1 - noteMeansNothing.value) * normalFit(db - louderWith(film), error) + FAR_OFF;
}
/** Any level between 40 dB is as likely where a recording says nothing of the coat. */
const FAR_OFF = (noteMeansNothing.value * Math.sqrt(2 * Math.PI)) / 40;

/** The same by the rider's factor: the noise of a coat as two points, a standard deviation either way (Gauss and Hermite's rule). */
const recordedBy = (recording: Recorded): Likelihood =>
  likelihoodOf((ln) => {
    const fit = (off: number) => fitOfRecording(recording, Math.exp(ln + off)) / 2;
    return fit(squeakNoise.value) + fit(-squeakNoise.value);
  });

function likelihoodByEar({ quietTo, squeakFrom, squeakTo, renewedAt }: CoatNotes): Likelihood {
  const sigma = squeakNoise.value;
  const [wrong, chance] = [noteMeansNothing.value, byChanceInARide.value];
  if (squeakTo !== null) {
    const squeaks = shownBetween(squeakFrom, squeakTo, sigma);
    return squeaks.map((l) => (1 - wrong) * l + wrong * chance);
  }
  const lasts = shownBetween(quietTo, Infinity, sigma);
  if (renewedAt === null) return lasts.map((l) => (1 - wrong) * l + wrong);
  const ends = shownBetween(quietTo, renewedAt, sigma);
  return ends.map((l, n) => (1 - wrong) * (l + chance * (lasts[n] as number)) + wrong * chance);
}
