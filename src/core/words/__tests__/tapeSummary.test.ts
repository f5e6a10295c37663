import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { DEMO_NOW } from '@/test/demoPlan';
import { METRIC } from '@/core/units/convert';
import { shortVerdict } from '../verdict';
import { tapeSummary } from '../tapeSummary';

const demo = demoLogbook(DEMO_NOW, 'UTC');
const replay = new Replay(demo.garage, allEvents(demo.log));

it('tells each chain’s tape in words: what was ridden, how it stands, what is next', () => {
  for (const { id } of Object.values(demo.garage.bikes)) {
    const report = reportOn(replay, id, demo.settings, DEMO_NOW)!;
    const steps = replay.steps.filter(({ chainId }) => chainId === report.chain.id);
    const said = tapeSummary(report, steps, METRIC);
    // What was written down, added up without the replay.
    const mine = new Set(steps.map(({ event }) => event.id));
    const rides = allEvents(demo.log).filter((e) => e.type === 'rideLogged' && mine.has(e.id));
    expect(said).toContain(`over ${rides.length} rides.`);
    expect(said).toContain(`lube ${Math.round(100 * report.state.film)} %`);
    expect(said).toContain(`grit inside ${Math.round(100 * report.state.inside)} %`);
    expect(said.endsWith(`Next: ${shortVerdict(report.verdict, report.state, METRIC)}.`)).toBe(
      true,
    );
  }
});

it('says that nothing was ridden yet', () => {
  const [bike] = Object.values(demo.garage.bikes);
  const report = reportOn(replay, bike!.id, demo.settings, DEMO_NOW)!;
  expect(tapeSummary(report, [], METRIC)).toContain('No ride yet.');
});
