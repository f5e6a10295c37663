import { spawnSync } from 'node:child_process';

/** Facts of the trade and of the world, each a test of its own. */
const TESTS = [
  'src/core/care/__tests__/tradeFacts.test.ts',
  'src/core/care/__tests__/laughedAt.test.ts',
  'src/core/weather/__tests__/evaporation.test.ts',
];

interface Fact {
  fullName: string;
  status: string;
}

/** Returns the facts of the trade with whether each holds, by the tests that hold them. */
export function facts(): { name: string; holds: boolean }[] {
  const run = spawnSync('npx', ['jest', '--json', ...TESTS], {
    encoding: 'utf8',
    maxBuffer: 1e8,
    // Replay and rules are to be as in the tests, frozen hand-outs and all.
    env: { ...process.env, NODE_ENV: 'test' },
  });
  const { testResults } = JSON.parse(run.stdout) as {
    testResults: { assertionResults: Fact[] }[];
  };
  const found = testResults.flatMap((t) =>
    t.assertionResults.map(({ fullName, status }) => ({
      name: fullName,
      holds: status === 'passed',
    })),
  );
  return found.sort((a, b) => a.name.localeCompare(b.name));
}
