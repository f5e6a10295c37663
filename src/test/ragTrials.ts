import { cellsOf, isSharp, seeRag, type Picture } from '@/core/senses/rag/sight';
import type { RagReading } from '@/core/senses/rag/read';
import { refuse, type Measured } from '@/core/senses/refusal';
import { ragPicture, randomScene, type RagScene } from './ragPicture';

/** A picture read as the worker reads it. */
export function readPicture(picture: Picture): Measured<RagReading> {
  if (!isSharp(picture)) return refuse({ code: 'rag/blurred' });
  return seeRag(cellsOf(picture)).reading;
}

/** A scene rendered and read. */
export const readScene = (scene: RagScene): Measured<RagReading> => readPicture(ragPicture(scene));

/** Rendered pictures by how they were read. */
export interface RagTrials {
  /** What was off by, in reflectance, and the error that was stated. */
  read: { off: number; sd: number; seed: number }[];
  refused: { code: string; ev: number; seed: number }[];
}

/** Reads so many random scenes from a seed on. */
export function ragTrials(from: number, count: number): RagTrials {
  const trials: RagTrials = { read: [], refused: [] };
  for (let seed = from; seed < from + count; seed++) {
    const scene = randomScene(seed);
    const reading = readScene(scene);
    const truth = scene.marks[0]?.reflectance ?? 1;
    if (reading.ok)
      trials.read.push({ off: reading.value.reflectance - truth, sd: reading.value.sd, seed });
    else trials.refused.push({ code: reading.problem.code, ev: scene.ev, seed });
  }
  return trials;
}

/** Share of readings no further off than so much. */
export const shareWithin = ({ read }: RagTrials, most: number): number =>
  read.filter(({ off }) => Math.abs(off) <= most).length / read.length;
