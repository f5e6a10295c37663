// @ts-check
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';

/** Set-up that a fresh machine needs. Plain JavaScript: it runs before anything is installed. */
export const ROOT = path.resolve(import.meta.dirname, '..');
const STAMPS = path.join(ROOT, '.setup');

/** @param {string} text */
const say = (text) => console.log(`· ${text}`);

/**
 * Runs a command with its output shown; stops the process when it fails.
 * @param {string} command @param {string[]} args @param {Record<string, string>} [env]
 */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  if (done.status !== 0) {
    console.error(`${command} ${args.join(' ')} failed.`);
    process.exit(done.status ?? 1);
  }
}

/** @param {string} name */
const stampOf = (name) => {
  const file = path.join(STAMPS, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
};

/** @param {string} name @param {string} value */
function stamp(name, value) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(path.join(STAMPS, name), value);
}

/**
 * One hash over files and folders, test files left out.
 * @param {string[]} entries
 */
function hashOf(entries) {
  const hash = createHash('sha256');
  /** @param {string} file */
  const add = (file) => {
    hash.update(path.relative(ROOT, file));
    hash.update(readFileSync(file));
  };
  for (const entry of entries) {
    const full = path.join(ROOT, entry);
    if (!existsSync(full)) continue;
    const inside = readdirSync(path.dirname(full), { withFileTypes: true });
    if (inside.find((e) => e.name === path.basename(full))?.isFile()) add(full);
    else
      readdirSync(full, { withFileTypes: true, recursive: true })
        .filter((e) => e.isFile())
        .map((e) => path.join(e.parentPath ?? e.path, e.name))
        .filter((file) => !/__tests__|__fixtures__|\/test\//.test(file))
        .sort()
        .forEach(add);
  }
  return hash.digest('hex');
}

/** Installs the packages of the lock file, unless they are there. */
export function ensureDependencies() {
  const wanted = hashOf(['package-lock.json']);
  if (stampOf('packages') === wanted && existsSync(path.join(ROOT, 'node_modules'))) return;
  say('Installing packages from the lock file (about a minute) …');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  stamp('packages', wanted);
}

const SOURCES = [
  'entry.ts',
  'app',
  'src',
  'public',
  'app.config.ts',
  'babel.config.js',
  'metro.config.js',
  'scripts/serviceWorker.mjs',
  'scripts/shorten.cjs',
  'scripts/showAtOnce.mjs',
  'scripts/split',
  'scripts/splitScripts.mjs',
  'package-lock.json',
];

/** Builds the web app into `dist`, unless the build there is of these very sources. */
export function ensureBuild() {
  const wanted = hashOf(SOURCES);
  const dist = path.join(ROOT, 'dist', 'index.html');
  if (stampOf('build') === wanted && existsSync(dist)) return say('The web build is up to date.');
  say('Building the web app (about a minute) …');
  exportWeb('dist');
  run(process.execPath, ['scripts/serviceWorker.mjs', 'dist']);
  stamp('build', wanted);
}

/**
 * @param {string} outputFolder @param {Record<string, string>} [env]
 */
export function exportWeb(outputFolder, env = {}) {
  run('npx', ['expo', 'export', '-p', 'web', '--output-dir', outputFolder], {
    EXPO_OFFLINE: '1',
    EXPO_NO_TELEMETRY: '1',
    CI: '1',
    NODE_ENV: 'production',
    ...env,
  });
  // Read by src/work/carry.worker.ts; its package would fetch it from elsewhere.
  copyFileSync(
    path.join(ROOT, 'node_modules/zxing-wasm/dist/reader/zxing_reader.wasm'),
    path.join(ROOT, outputFolder, 'codes.wasm'),
  );
  run(process.execPath, ['scripts/showAtOnce.mjs', outputFolder]);
  run(process.execPath, ['scripts/splitScripts.mjs', outputFolder]);
}

/** Installs Debian's Chromium for the tests, unless there is one. */
export function ensureChromium() {
  // Debian's Chromium without the parts for a screen: the same pages in three quarters of the time.
  if (process.env.CHROMIUM || existsSync('/usr/bin/chromium-headless-shell')) return;
  say('Installing Chromium from Debian for the tests …');
  const root = process.getuid?.() === 0;
  const apt = (/** @type {string[]} */ args) =>
    root ? run('apt-get', args) : run('sudo', ['apt-get', ...args]);
  apt(['update', '-qq']);
  apt(['install', '-y', '-qq', 'chromium-headless-shell']);
}
