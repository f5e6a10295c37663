// @ts-check
import path from 'node:path';
import { generateSW } from 'workbox-build';

/** Writes the service worker of a built app: it keeps the app and its fonts, so that the bench works offline. */
const folder = path.resolve(process.argv[2] ?? 'dist');
const { count, size, warnings } = await generateSW({
  globDirectory: folder,
  globPatterns: ['**/*.{html,js,css,woff2,svg,png,webmanifest,wasm}'],
  swDest: path.join(folder, 'sw.js'),
  // Scripts carry a hash of their content in their name.
  dontCacheBustURLsMatching: /[.-][0-9a-f]{32}\.\w+$/,
  maximumFileSizeToCacheInBytes: 8_000_000,
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/api\//],
  inlineWorkboxRuntime: true,
  // Before the rest, so that it is asked first.
  importScripts: ['/share.js'],
  sourcemap: false,
  cleanupOutdatedCaches: true,
  // A new version waits until the rider takes it: it never interrupts work at the bench.
  skipWaiting: false,
  clientsClaim: true,
});
for (const warning of warnings) console.warn(warning);
console.log(`· Service worker: ${count} files, ${(size / 1e6).toFixed(1)} MB kept for offline.`);
