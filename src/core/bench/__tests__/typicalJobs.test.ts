import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { jobOf } from '@/test/bench';
import { TYPICAL_JOBS, typicalJobsText } from '@/test/typicalJobs';
import { refusal } from '../refusal';
import { procedure } from '../procedure';
import { firstFault } from '../simulate';

const PAGE = path.join(__dirname, '../../../../docs/bench.md');
const MARK = '<!-- The rest is written by `UPDATE_DOCS=1 npx jest typicalJobs`. -->\n';

describe('typical jobs', () => {
  it.each(TYPICAL_JOBS)('%s can be done from start to end', (_, more) => {
    const job = jobOf(more);
    expect(refusal(job)).toBeNull();
    expect(firstFault(job, procedure(job))).toBeNull();
  });

  it('stand in docs/bench.md as the bench says them', () => {
    const [before = '', after] = readFileSync(PAGE, 'utf8').split(MARK);
    const now = `\n${typicalJobsText()}`;
    if (process.env.UPDATE_DOCS) writeFileSync(PAGE, before + MARK + now);
    else expect(after).toBe(now);
  });
});
