import { Replay } from '@/core/care/replay/replay';
import { readBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import { keepLedger } from '@/core/money/ledger';
import { spendingOf } from '@/core/money/sums';
import * as validation from '@/core/validation/validate';
import { wattMonths } from '@/core/watts/months';
import { manyEvents } from './manyEvents';
import { median, report, timed } from './report';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const EVENTS = 10_000;
const RUNS = 31;

const read = readBackup(manyEvents(EVENTS), NOW, validation);
if (!read.ok) throw new Error('The long logbook cannot be read.');
const { garage, log, settings } = read.value.logbook;
const events = allEvents(log);

const replays: number[] = [];
const sums: number[] = [];
for (let n = 0; n < RUNS; n++) {
  let replay = new Replay(garage, []);
  replays.push(timed(() => (replay = new Replay(garage, events))));
  sums.push(
    timed(() => {
      const { entries } = keepLedger(replay.steps, { garage, prices: settings.plan, perUnit: 100 });
      spendingOf(entries, replay.steps, [0, NOW]);
      wattMonths(replay.steps, null, { crossing: null, power: 200, from: 0 });
    }),
  );
}
report(
  'Ledger of money and watts of 10,000 events, with the replay, times the replay alone',
  (median(replays) + median(sums)) / median(replays),
  1.2,
  `medians of ${RUNS}: ${median(replays).toFixed(0)} ms replay, ${median(sums).toFixed(0)} ms money and watts`,
);
