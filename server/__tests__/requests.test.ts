import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { askAtRandom } from '../../faults/askAtRandom';

/** A short run of the campaign of `npm run faults`. */
const REQUESTS = 3000;

it(`${REQUESTS} requests of every kind are answered, and nothing of the machine is told`, async () => {
  const dist = mkdtempSync(path.join(tmpdir(), 'spoke-'));
  writeFileSync(path.join(dist, 'index.html'), '<title>Dapper Spoke</title>');
  const none = { failed: 0, leaked: 0, unanswered: 0, unlike: 0 };
  expect(await askAtRandom(dist, REQUESTS)).toEqual(none);
});
