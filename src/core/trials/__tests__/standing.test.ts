import { Replay } from '@/core/care/replay/replay';
import { TEST_GARAGE } from '@/test/arbitraries';
import { fittedBody, rideBody, stamped, workBody, type Body } from '@/test/events';
import { coatsSince } from '../coats';
import { standingOn } from '../standing';

const at = (day: number, hour = 8) => new Date(Date.UTC(2026, 2, 1 + day, hour)).toISOString();

/** Coats of two classes by turns, each ridden so far and heard; `said`: what is noted at its end. */
function log(
  rounds: number,
  km: { wet: number; dry: number },
  said: 'squeak' | 'still quiet' | null,
) {
  const bodies: Body[] = [fittedBody(at(0, 1), { lube: null })];
  for (let n = 0; n < 2 * rounds; n++) {
    const lubeClass = n % 2 === 0 ? 'wet' : 'dry';
    const day = 1 + 3 * n;
    const lube = { lubeClass, coat: 1, wiped: true } as const;
    bodies.push(workBody(at(day), 'c1', { method: 'brush', lube }));
    const whole = km[lubeClass];
    bodies.push(rideBody(at(day + 1), 'b1', whole * 0.9));
    bodies.push(rideBody(at(day + 1, 14), 'b1', whole * 0.1));
    if (said) bodies.push({ type: 'soundHeard', at: at(day + 1, 20), chainId: 'c1', sound: said });
  }
  return coatsSince(new Replay(TEST_GARAGE, stamped(bodies)), '');
}

describe('what the log holds of two lubes on a bike', () => {
  it('is nothing before three coats of each were heard', () => {
    expect(standingOn(log(2, { wet: 400, dry: 150 }, 'squeak'), 'b1')).toEqual([]);
    expect(standingOn(log(6, { wet: 400, dry: 150 }, null), 'b1')).toEqual([]);
    expect(standingOn(log(5, { wet: 400, dry: 150 }, 'squeak'), 'b2')).toEqual([]);
  });

  it('is how much farther the one goes, in the weather of both', () => {
    const [standing] = standingOn(log(5, { wet: 400, dry: 150 }, 'squeak'), 'b1');
    expect([standing!.a.key, standing!.b.key].sort()).toEqual(['dry', 'wet']);
    const { ratio, coats } = standing!.answer;
    const wetOverDry = standing!.a.key === 'wet' ? ratio.mid : 1 / ratio.mid;
    expect(wetOverDry).toBeGreaterThan(2.2);
    expect(wetOverDry).toBeLessThan(3);
    expect(coats).toEqual({ a: 5, b: 5 });
  });

  it('is nothing where no coat was ever heard to its end: the handbook alone is no experience', () => {
    expect(standingOn(log(6, { wet: 300, dry: 120 }, 'still quiet'), 'b1')).toEqual([]);
  });
});
