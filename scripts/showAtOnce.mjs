// @ts-check
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/**
 * React holds back what has been loaded until 300 ms after it last showed a placeholder, so that screens which wait
 * for data do not flicker. Ours wait for scripts that lie in the browser, under a bare frame: what is there is shown
 * at once. React has no setting for it; the build stops where a later React no longer has the wait.
 *
 * Usage: node scripts/showAtOnce.mjs FOLDER
 */

const scripts = path.join(process.argv[2] ?? 'dist', '_expo', 'static', 'js', 'web');
/** The moment of the last placeholder and 300 ms, less now: what is left to wait. */
const WAIT = /(\(\w+=[\w$]+)\+300-([\w$]+\(\)\))/g;

const entry = readdirSync(scripts).find((name) => name.startsWith('entry-')) ?? '';
const text = readFileSync(path.join(scripts, entry), 'utf8');
const found = text.match(WAIT)?.length ?? 0;
if (found !== 1)
  throw new Error(`The wait after a placeholder was found ${found} times, not once.`);
writeFileSync(path.join(scripts, entry), text.replace(WAIT, '$1-$2'));
