import type { Sky } from '@/core/care';
import type { RideLogged, WeatherWord } from '@/core/logbook';

/** Weather as weave of the cloth. */
export type Weave = WeatherWord | 'mud';

/** The weave of a ride: mud hides the weather. */
export const weaveOf = (ride: RideLogged, sky: Sky | null): Weave =>
  ride.mud ? 'mud' : (sky?.word ?? ride.weather);

/** Name of a pattern; each drawing on a page has its own, by its `prefix`. */
export const weaveId = (weave: Weave, prefix: string): string => `${prefix}-weave-${weave}`;
