import { writeFileSync } from 'node:fs';
import { missed, riderBands, routineBands } from './bands';
import { COVERAGE } from './coverage';
import { facts } from './facts';
import { costsOfPolicies, demoRiders, POLICIES, type PolicyName } from './planPolicies';
import { planRider } from './planRiders';
import { faultFigures, figuresTable, noiseTable, slowRows } from './noises';
import * as report from './report';
import { RIDERS } from './riders';
import { atEnds, levers, outcomes } from './sensitivity';
import { CLASSES, lived, RIDER_NAMES } from './sweep';
import { YEARS_COVERAGE } from './yearsCoverage';
import { trialFigures, trialRows, trialTable } from './trials';
import { deafRows, senseFigures, soundRows, soundTable } from './senses';
import { noiseRows } from '@/test/faultyBikes';
import type { PlanRequest } from '@/core/plan/agenda/request';

const COVERAGE_RIDERS = 300;
const PLAN_RIDERS = 60;
const FAULTS = 5000;

const parts: string[] = [];
let failures = 0;

/** Prints a line while the audit runs. */
const say = (line: string) => process.stdout.write(`${line}\n`);

function part(title: string, about: string, body: string): void {
  parts.push(`## ${title}\n\n${about}\n\n${body}`);
  say(`\n${title}\n\n${body}`);
}

function auditFacts(): void {
  const all = facts();
  const broken = all.filter((f) => !f.holds);
  failures += broken.length;
  part(
    'Facts of the trade and of the world',
    'Each is a test of its own, named with its source there; most are common practice.',
    all.map((f) => `- ${f.holds ? 'holds' : '**broken**'}: ${f.name}`).join('\n'),
  );
}

function auditBands(): void {
  say('Routines and riders, each with every lube (a minute) …');
  const bands = [...routineBands(), ...riderBands()];
  failures += missed(bands).length;
  part(
    'Bands',
    'Where figures must lie. They are tests too (`audit/__tests__/bands.test.ts`).',
    report.bandTable(bands),
  );
  part(
    'Riders who do what the verdict says',
    'Each rider of the audit with each lube: work a month, the life of a chain, and how often a wet chain is the headline.',
    RIDER_NAMES.map(
      (name) =>
        `### ${RIDERS[name].name}\n\n${report.sweepTable(CLASSES.map((lube) => ({ lube, life: lived(name, lube) })))}`,
    ).join('\n\n'),
  );
}

function auditCoverage(): void {
  const cases = [...COVERAGE, ...YEARS_COVERAGE];
  const rows = cases.map(({ name, of }, n) => {
    say(`Coverage ${n + 1} of ${cases.length}: ${name} …`);
    return { name, ...of(COVERAGE_RIDERS) };
  });
  failures += rows.filter(
    (r) => Math.abs(r.half - 0.5) > 0.08 || Math.abs(r.most - 0.8) > 0.08,
  ).length;
  part(
    'Spreads',
    `How often the truth of ${COVERAGE_RIDERS} made-up riders lies within what is told: 42 to 58 % and 72 to 88 % must.`,
    report.coverageTable(rows),
  );
}

function meanCosts(requests: readonly PlanRequest[], what: string): Record<PolicyName, number> {
  const sum = Object.fromEntries(POLICIES.map((p) => [p, 0])) as Record<PolicyName, number>;
  requests.forEach((request, n) => {
    if (n % 10 === 0) say(`Plans of ${what}: ${n} of ${requests.length} …`);
    const costs = costsOfPolicies(request);
    for (const p of POLICIES) sum[p] += costs[p] / requests.length;
  });
  return sum;
}

function auditPlans(): void {
  const riders = Array.from({ length: PLAN_RIDERS }, (_, seed) => planRider(seed));
  const random = meanCosts(riders, 'random riders');
  const dates = random['the plan’s dates'];
  if (dates > 0.625 * random['every Sunday'] || dates > 0.8 * random['by the clocks'])
    failures += 1;
  part(
    'The plan against simple policies',
    `Cost of four weeks, in the rider’s money with time, wear and dirt priced, on 100 futures the plan was not made in. First ${PLAN_RIDERS} riders drawn at random, then the demo’s bikes. The plan’s dates must cost no more than 0.625 of Sunday’s round and 0.80 of doing what the clocks call for.`,
    `${report.policyTable(random)}\n\nThe demo:\n\n${report.policyTable(meanCosts(demoRiders(), 'the demo'))}`,
  );
}

function auditSensitivity(): void {
  const base = outcomes();
  const all = levers();
  const moved = all.map((lever, n) => {
    if (n % 10 === 0) say(`Sensitivity: ${n} of ${all.length} …`);
    return { name: lever.name, source: lever.source, ends: atEnds(lever) };
  });
  part(
    'What hangs on which constant',
    `By how much an outcome moves from one end of a constant’s spread to the other, the largest first. Wet lube under average care in a mixed year: lubed again after ${base.lubeKm.toFixed(0)} km, worn after ${base.lifeKm.toFixed(0)} km, ${base.watts.toFixed(1)} W; and the plan’s cost of two riders.`,
    report.sensitivityTable(base, moved),
  );
}

function auditNoises(): void {
  say(`Faults drawn from the table: ${FAULTS} …`);
  const rows = noiseRows(FAULTS, 5000);
  const figures = faultFigures();
  failures += slowRows(rows).length + figures.filter((f) => !f.holds).length;
  part(
    'Minutes to the cause of a noise',
    `${FAULTS} faults drawn from the table of causes, with riders who answer as its signs say, and cannot tell one time in ten. Minutes to be expected until a step shows or cures the fault, on the average; at most three fifths of cleaning three ways first, and no more than the best list in a fixed order.`,
    `${noiseTable(rows)}\n\n${figuresTable(figures)}`,
  );
}

function auditSenses(): void {
  say('Pictures of rags and recordings of chains (three minutes) …');
  const rows = soundRows();
  const figures = senseFigures();
  failures += deafRows(rows).length + figures.filter((f) => !f.holds).length;
  part(
    'The rag by camera, the chain by ear',
    'Rags rendered from known reflectances under 2,700 to 6,500 K, 1.5 EV either way, with noise, JPEG 60 to 95, turned and tilted; clicks of a random period in pink noise, 15 s each. Period and noise are known; loudness is that of a click over its 10 ms beside the noise.',
    `${figuresTable(figures)}\n\n${soundTable(rows)}`,
  );
}

function auditTrials(): void {
  const rows = trialRows(say);
  const figures = trialFigures(rows);
  failures += figures.filter((f) => !f.holds).length;
  part(
    'Trials of a habit',
    'Made-up riders try two habits, ridden to the end through the log: coats wear by equations of their own in spells of weather, one squeak in twenty comes from elsewhere, one in ten is heard a ride late. The rider looks after every pair.',
    `${figuresTable(figures)}\n\n${trialTable(rows)}`,
  );
}

const HEAD = `# The standing audit

\`npm run audit\` plays made-up riders through the product, end to end, and writes this page: seeds are fixed, so that it
changes only with the code. It fails where a band is missed or a fact is broken.`;

auditFacts();
auditBands();
auditCoverage();
auditPlans();
auditSensitivity();
auditNoises();
auditSenses();
auditTrials();
writeFileSync('docs/audit.md', `${[HEAD, ...parts].join('\n\n')}\n`);
say(failures === 0 ? '\nThe audit holds.' : `\n${failures} findings.`);
process.exitCode = failures === 0 ? 0 : 1;
