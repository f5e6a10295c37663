import { Replay } from '@/core/care/replay/replay';
import { readBackup, writeBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import * as validation from '@/core/logbook/reading';
import { NOW, twentyYears } from '@/test/twentyYears';

const YEAR_MS = 365.25 * 86_400_000;

it('the twenty years that are measured are what they are called', () => {
  const { garage, log } = twentyYears();
  const events = allEvents(log);
  expect(events).toHaveLength(50_000);
  expect(events.filter(({ type }) => type === 'rideLogged').length).toBeGreaterThan(6000);
  expect(Object.keys(garage.bikes)).toHaveLength(10);
  expect(Object.keys(garage.chains).length).toBeGreaterThanOrEqual(60);
  expect((NOW - Date.parse(events[0]!.at)) / YEAR_MS).toBeGreaterThan(20);
});

it.each([1, 3, 10] as const)('with %i bikes each is ridden, and the log is sound', (many) => {
  const logbook = twentyYears(5000, many);
  const { garage, log } = logbook;
  const events = allEvents(log);
  expect(events).toHaveLength(5000);
  expect(Object.keys(garage.bikes)).toHaveLength(many);
  const rides = events.filter((e) => e.type === 'rideLogged');
  expect([...new Set(rides.map(({ bikeId }) => bikeId))].sort()).toEqual(
    Object.keys(garage.bikes).sort(),
  );
  for (const event of events)
    if ('chainId' in event && event.chainId) expect(garage.chains).toHaveProperty(event.chainId);
  const played = new Set(new Replay(garage, events).steps.map(({ event }) => event.id));
  expect(rides.filter(({ id }) => !played.has(id))).toEqual([]);
  const read = readBackup(writeBackup(logbook, ''), NOW, validation);
  expect(read).toMatchObject({ ok: true, value: { refused: [], altered: false, capped: 0 } });
});
