// @ts-check
import { ensureBuild, ensureChromium, ensureDependencies, run } from './setup.mjs';

/** Redraws docs/screenshots from the demo's data. */
ensureDependencies();
ensureChromium();
ensureBuild();
run('npx', ['tsx', 'scripts/shots.ts', ...process.argv.slice(2)]);
