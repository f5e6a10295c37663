// @ts-check
import { ensureDependencies, run } from './setup.mjs';

/** Unit tests with every random case; `npm test` tries a quarter of them. Names of files after it run those only. */
ensureDependencies();
run('npx', ['jest', ...process.argv.slice(2)], { EVERY_CASE: 'yes' });
