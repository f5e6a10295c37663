import { spawn } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { playSchedule, type Outcome } from '@/test/faults/schedule';
import { campaign } from './report';

/** Storage schedules: real store and persistence over storage, clocks and tabs that fail. */
const SCHEDULES = Number(process.env.SCHEDULES ?? 10_000);

/** Progress is told after so many. */
const PROGRESS = 1000;

type Counts = Omit<Outcome, 'notes'>;

async function play(from: number, to: number): Promise<Counts> {
  const sum: Counts = { lostEvents: 0, lostFields: 0, doubled: 0, apart: 0, stuck: 0, threw: 0 };
  for (let seed = from; seed < to; seed++) {
    const outcome = await playSchedule(seed).catch((error: unknown): Outcome => ({
      ...sum,
      threw: 1,
      notes: [String(error)],
    }));
    for (const name of Object.keys(sum) as (keyof Counts)[]) sum[name] += outcome[name];
    if (outcome.notes.length > 0) console.error(`seed ${seed}: ${outcome.notes.join('; ')}`);
    if ((seed - from + 1) % PROGRESS === 0)
      console.error(`        seeds ${from} to ${seed} played, of up to ${to - 1}`);
  }
  return sum;
}

/** A share of the seeds in a process of its own: time is faked for the whole process. */
function inProcess(from: number, to: number): Promise<Counts> {
  const child = spawn(
    process.execPath,
    [...process.execArgv, __filename, String(from), String(to)],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  return new Promise((resolve, reject) => {
    let text = '';
    child.stdout.on('data', (part: Buffer) => (text += part.toString()));
    child.on('close', () => {
      try {
        resolve(JSON.parse(text) as Counts);
      } catch {
        reject(new Error(`Seeds ${from} to ${to} did not come to an end.`));
      }
    });
  });
}

async function main(): Promise<void> {
  const [from, to] = process.argv.slice(2).map(Number);
  if (from !== undefined && to !== undefined) {
    process.stdout.write(JSON.stringify(await play(from, to)));
    return;
  }
  const many = availableParallelism();
  const share = Math.ceil(SCHEDULES / many);
  const parts = await Promise.all(
    Array.from({ length: many }, (_, n) =>
      inProcess(1 + n * share, 1 + Math.min(SCHEDULES, (n + 1) * share)),
    ),
  );
  const sum = parts.reduce((all, part) => {
    for (const name of Object.keys(all) as (keyof Counts)[]) all[name] += part[name];
    return all;
  });
  campaign(`${SCHEDULES} storage schedules`, { ...sum });
}

void main();
