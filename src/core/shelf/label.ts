import type { Air } from '../weather/drying';
import type { Product } from '../records/product';

/** What a bottle's label asks for before it is used in this air; the label has the word. */
export interface LabelNote {
  shake: boolean;
  /** The least it may be used at, °C, where the air is colder than that; null: warm enough. */
  tooColdFor: number | null;
}

/** Reads a label for the air at hand. */
export const labelNote = ({ shake, leastC }: Product, air: Air | null): LabelNote => ({
  shake,
  tooColdFor: leastC !== null && air !== null && air.temperatureC < leastC ? leastC : null,
});
