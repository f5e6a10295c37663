import type { Noise } from '../../records/faults';
import type { Answer, Question } from '../questions';
import type { Beat } from '../rhythm';

/** Who may mend a cause, and what is known of it. */
export interface CauseFacts {
  /** How often it is the cause of a noise of the chain and what it runs on, of a thousand. Own estimate from common practice. */
  prior: number;
  /** What it sounds like: shares of the noises it makes. The rest is spread over all others. */
  noises: Partial<Record<Noise, number>>;
  /** Answers it is known by, with how often they are given: see `ANSWERS`. The rest of each is as usual. */
  signs?: { [Q in Exclude<Question, 'noise'>]?: Partial<Record<Answer<Q>, number>> };
  /** What it beats with, each as likely. */
  beats?: readonly Beat[];
  /** A job for a workshop. */
  workshop?: true;
  /** Bikes that can have it. */
  only?:
    | 'derailleur'
    | 'no derailleur'
    | 'several rings'
    | 'narrow-wide'
    | 'directional'
    | 'rim or disc'
    | 'wax'
    | 'freewheel'
    | 'link';
}
