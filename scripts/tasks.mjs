// @ts-check
import { ensureBuild, ensureChromium, ensureDependencies, run } from './setup.mjs';

/** Counts the taps of twenty tasks, and measures how soon common taps are painted. */
ensureDependencies();
ensureChromium();
ensureBuild();
run('npx', ['tsx', 'bench/tasks.ts'], { NODE_ENV: 'production' });
