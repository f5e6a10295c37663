/** The browser's offer to install the app. Source: W3C, Manifest Incubations, BeforeInstallPromptEvent. */
interface InstallOffer extends Event {
  prompt(): Promise<unknown>;
}

let offer: InstallOffer | null = null;
const listeners = new Set<() => void>();

const tell = () => listeners.forEach((listener) => listener());

// It comes once, early: whoever asks later must still find it. We offer it in our own place.
if (typeof window !== 'undefined') {
  window.addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    offer = event as InstallOffer;
    tell();
  });
  window.addEventListener('appinstalled', () => {
    offer = null;
    tell();
  });
}

/** Whether the app can be installed here just now. */
export const canInstall = (): boolean => offer !== null;

/** Calls back whenever that changes; returns what ends it. */
export function watchInstall(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Lets the browser ask the rider. */
export function install(): void {
  void offer?.prompt();
  offer = null;
  tell();
}
