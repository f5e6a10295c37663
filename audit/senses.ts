import { learntFor } from '@/core/care/replay/bookState';
import { ragTrials, shareWithin } from '@/test/ragTrials';
import { falseBeats, hitRows, type HitRow } from '@/test/soundTrials';
import { weatheredRider } from '@/test/weatheredRiders';
import { PHOTO_SD } from './coverage';
import type { FaultFigure } from './noises';

const PICTURES = 500;
const RECORDINGS = 300;
const SILENT = 100;
const RIDERS = 200;
/** Clicks as loud as the noise they lie in, and louder, are found so often. */
const LEAST_HITS = 0.95;
const STATED_SNR = 0;

/** Hits by how far the clicks stand out of the noise. */
export const soundRows = (): HitRow[] => hitRows(RECORDINGS);

/** Rows in which less is found than is said. */
export const deafRows = (rows: readonly HitRow[]): HitRow[] =>
  rows.filter((r) => r.snr >= STATED_SNR && r.found < LEAST_HITS * r.recordings);

/** The rows as a table. */
export const soundTable = (rows: readonly HitRow[]): string =>
  [
    '| clicks over noise, dB | recordings | period found within 2 % |',
    '| --- | --- | --- |',
    ...rows.map(
      (r) => `| ${r.snr} | ${r.recordings} | ${Math.round((100 * r.found) / r.recordings)} % |`,
    ),
  ].join('\n');

/** Mean spread of what is believed of how fast grit comes, after some weeks of rags. */
function gritSd(photoSd: number | undefined): number {
  let sum = 0;
  for (let seed = 0; seed < RIDERS; seed++) {
    const reading = photoSd ? { swatchEvery: 5, photoSd } : { swatchEvery: 5 };
    const { replay } = weatheredRider(seed, 26, 5, reading);
    sum += learntFor(replay.book, 'b1', 'wet').grit.sd;
  }
  return sum / RIDERS;
}

/** Figures of camera and microphone, and the bounds they must hold. */
export function senseFigures(): FaultFigure[] {
  const trials = ragTrials(0, PICTURES);
  const within = shareWithin(trials, 0.05);
  const unclipped = trials.refused.filter((r) => r.code !== 'rag/clipped').length;
  const half =
    trials.read.filter(({ off, sd }) => Math.abs(off) < 0.6745 * sd).length / trials.read.length;
  const beats = falseBeats(SILENT);
  const [eye, camera] = [gritSd(undefined), gritSd(PHOTO_SD)];
  return [
    {
      what: `rendered rags read within 0.05 of their reflectance, share of ${trials.read.length} of ${PICTURES} read; at least 0.95`,
      value: within,
      holds: within >= 0.95,
    },
    {
      what: 'rendered rags refused though the camera clipped nothing; at most 5',
      value: unclipped,
      holds: unclipped <= 5,
    },
    {
      what: 'rendered rags within the error told for half of them; at least 0.5, for a camera’s own curve is not rendered',
      value: half,
      holds: half >= 0.5,
    },
    {
      what: `recordings of noise alone in which something beats, of ${SILENT}; at most 2`,
      value: beats,
      holds: beats <= 2,
    },
    {
      what: `spread of how fast grit comes, learnt from photographs over that from swatches (${eye.toFixed(3)}), mean of ${RIDERS} riders; under 1`,
      value: camera / eye,
      holds: camera < eye,
    },
  ];
}
