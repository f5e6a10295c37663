// @ts-check
import { ensureDependencies, run } from './setup.mjs';

/** The standing audit: riders, facts, spreads, plans and constants; written to docs/audit.md. */
ensureDependencies();
run('npx', ['tsx', 'audit/main.ts'], { NODE_ENV: 'production' });
run('npx', ['prettier', '--write', '--log-level', 'warn', 'docs/audit.md']);
