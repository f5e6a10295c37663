/** Heights waver: a climb counts from its lowest to its highest point once it is this high, m. Common practice of recorders. */
const CLIMB_STEP_M = 3;

/** Adds up climbs, each from the lowest point before it to the highest; wavering of a height sensor is no climb. */
export class Climb {
  private done = 0;
  private low = 0;
  private high = 0;
  private isRising = false;
  private began = false;

  /** Metres climbed so far; null without heights. */
  get metres(): number | null {
    if (!this.began) return null;
    return this.done + (this.isRising ? this.high - this.low : 0);
  }

  to(elevationM: number): void {
    if (!this.began) {
      this.began = true;
      this.low = elevationM;
    } else if (this.isRising) {
      this.high = Math.max(this.high, elevationM);
      if (this.high - elevationM < CLIMB_STEP_M) return;
      this.done += this.high - this.low;
      this.isRising = false;
      this.low = elevationM;
    } else {
      this.low = Math.min(this.low, elevationM);
      if (elevationM - this.low < CLIMB_STEP_M) return;
      this.isRising = true;
      this.high = elevationM;
    }
  }
}
