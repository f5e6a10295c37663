/** Minutes that losing some of one's power costs on a ride: on the flat and on a climb. */
export interface MinutesLost {
  flat: number;
  climb: number;
}

/**
 * On the flat the air asks for power by the cube of speed, on a climb gravity asks for it in proportion: time goes with
 * power^(-1/3) there and with 1 / power here. Both are rough; a real ride lies between.
 */
export function minutesLost(hours: number, watts: number, power: number): MinutesLost {
  const left = Math.max(0, 1 - watts / power);
  const minutes = hours * 60;
  return { flat: minutes * (1 - left ** (1 / 3)), climb: minutes * (1 - left) };
}
