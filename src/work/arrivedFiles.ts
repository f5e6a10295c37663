/** Where public/share.js keeps what was shared to the app. */
const SHARED = 'shared-rides';

/** Files shared to the installed app since it was looked last, each handed out once. */
export async function sharedFiles(): Promise<File[]> {
  if (!('caches' in window) || !(await caches.has(SHARED))) return [];
  const cache = await caches.open(SHARED);
  const files: File[] = [];
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    if (response) {
      const name = decodeURIComponent(response.headers.get('x-name') ?? 'shared');
      files.push(new File([await response.blob()], name));
    }
    await cache.delete(request);
  }
  return files;
}

/** What the File Handling API adds to a window: not yet in TypeScript's own types. */
interface LaunchQueue {
  setConsumer(take: (launch: { files?: readonly FileSystemFileHandle[] }) => void): void;
}

/** Hands over files the installed app is opened with, now and later. */
export function onOpenedWith(take: (files: File[]) => void): void {
  const queue = (window as unknown as { launchQueue?: LaunchQueue }).launchQueue;
  queue?.setConsumer((launch) => {
    void Promise.all((launch.files ?? []).map((handle) => handle.getFile())).then((files) => {
      if (files.length > 0) take(files);
    });
  });
}
