// @ts-check
/// <reference lib="webworker" />

/** A part of the service worker: takes ride files that are shared to the installed app, and keeps them for the import. */
const SHARED = 'shared-rides';
const TO = '/rides/shared';

self.addEventListener('fetch', (event) => {
  const { request } = /** @type {FetchEvent} */ (event);
  if (request.method !== 'POST' || new URL(request.url).pathname !== TO) return;
  /** @type {FetchEvent} */ (event).respondWith(keepShared(request));
});

/** @param {Request} request */
async function keepShared(request) {
  const form = await request.formData();
  const cache = await caches.open(SHARED);
  const before = (await cache.keys()).length;
  await Promise.all(
    form
      .getAll('rides')
      .map((file, n) =>
        file instanceof File
          ? cache.put(
              `${TO}/${before + n}`,
              new Response(file, { headers: { 'x-name': encodeURIComponent(file.name) } }),
            )
          : undefined,
      ),
  );
  // The browser goes on to the import by itself, with a plain request.
  return Response.redirect('/rides/import', 303);
}
