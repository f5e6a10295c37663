import type { RagPhoto } from '../../records/rag';
import type { RagValue } from './outside';

/** A photographed rag as the log takes it. */
export interface RagRead {
  swatch: number;
  photo: RagPhoto;
}

/** Returns a value as the log takes it, with the swatch the rider picked beside it; null: none. */
export function photoOf({ swatch, ...value }: RagValue, picked: number | null): RagRead {
  const rounded = (x: number, places: number) => Number(x.toFixed(places));
  return {
    swatch,
    photo: {
      absorber: Math.min(200, rounded(value.absorber, 4)),
      outside: rounded(value.outside, 4),
      sd: Math.min(0.5, Math.max(0.01, rounded(value.sd, 4))),
      patches: Math.min(60, value.patches),
      picked,
    },
  };
}
