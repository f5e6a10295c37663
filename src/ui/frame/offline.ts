/** A new version of the app that is ready: taking it reloads the page. */
export type NewVersion = () => void;

/**
 * Lets the app be kept for use without a network, and tells when a new version of it is ready. It waits
 * until the rider takes it. Nothing happens where the browser keeps no apps, or while developing.
 */
export async function keepForOffline(onNewVersion: (take: NewVersion) => void): Promise<void> {
  if (!('serviceWorker' in navigator) || __DEV__) return;
  // Refused or held back by the browser: the app then needs its server, as before.
  const registration = await navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  if (!registration) return;
  const ready = (waiting: ServiceWorker) =>
    onNewVersion(() => {
      navigator.serviceWorker.addEventListener('controllerchange', () => location.reload());
      waiting.postMessage({ type: 'SKIP_WAITING' });
    });
  if (registration.waiting) ready(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const found = registration.installing;
    found?.addEventListener('statechange', () => {
      // The first version of all replaces nothing.
      if (found.state === 'installed' && navigator.serviceWorker.controller) ready(found);
    });
  });
}
