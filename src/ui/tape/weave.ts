import type { Sky } from '@/core/care/model/sky';
import type { RideLogged } from '@/core/records/event';
import type { WeatherWord } from '@/core/records/kinds';

/** Weather as weave of the cloth. */
export type Weave = WeatherWord | 'mud';

/** The weave of a ride: mud hides the weather. */
export const weaveOf = (ride: RideLogged, sky: Sky | null): Weave =>
  ride.mud ? 'mud' : (sky?.word ?? ride.weather);

/** Name of a pattern; each drawing on a page has its own, by its `prefix`. */
export const weaveId = (weave: Weave, prefix: string): string => `${prefix}-weave-${weave}`;
