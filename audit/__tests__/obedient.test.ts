import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { chainNow, lastLube, reportOn } from '@/core/care/verdict/report';
import { Replay } from '@/core/care/replay/replay';
import { usualWork } from '@/core/care/verdict/proposal';
import { sayOf } from '../obedient';

const DAY = 86_400_000;

describe('what a rider of the audit is told', () => {
  it('is the verdict’s own clock and work, on every day of the demo', () => {
    const now = Date.parse('2026-11-20T12:00:00Z');
    const { garage, log } = demoLogbook(now, 'UTC');
    const replay = new Replay(garage, allEvents(log));
    const { standard, schools } = DEFAULT_SETTINGS;
    for (const [bikeId, chainId] of replay.book.fitted)
      for (let day = 0; day < 40; day++) {
        const at = now + day * DAY;
        const chain = chainNow(replay, bikeId, standard, at)!;
        const lube = lastLube(replay.steps, chainId) ?? 'all-weather';
        const usual = usualWork(chain.state.lube ?? lube, chain.chain, schools.between);
        const said = sayOf(chain, usual);
        const { verdict } = reportOn(replay, bikeId, DEFAULT_SETTINGS, at)!;
        const fired = verdict.kind === 'good for' ? null : verdict.clock;
        expect(said.clock).toBe(fired);
        if (fired) expect(said.proposal).toEqual(verdict.proposal);
      }
  });
});
