/** What a browser may be able to do for hands in gloves; each does nothing where it cannot. */

/** Keeps the screen on until the returned function is called. */
export function keepAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  let over = false;
  const ask = async () => {
    try {
      lock = await navigator.wakeLock.request('screen');
      if (over) await lock.release();
    } catch {
      // Not granted, or not known here: the screen goes dark as usual.
    }
  };
  const again = () => {
    if (document.visibilityState === 'visible') void ask();
  };
  void ask();
  document.addEventListener('visibilitychange', again);
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', again);
    void lock?.release();
  };
}

let audio: AudioContext | null = null;

/** A short tone: a timer has run out (high) or a beat of the metronome (low). */
export function tone(kind: 'timer' | 'beat'): void {
  try {
    audio ??= new AudioContext();
    const swing = audio.createOscillator();
    const volume = audio.createGain();
    const length = kind === 'timer' ? 0.6 : 0.05;
    swing.frequency.value = kind === 'timer' ? 880 : 330;
    volume.gain.setValueAtTime(0.2, audio.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + length);
    swing.connect(volume).connect(audio.destination);
    swing.start();
    swing.stop(audio.currentTime + length);
  } catch {
    // No sound here; the timer is on the screen.
  }
}

/** A short touch under the finger, where the device can: a tap was taken. */
export function tick(): void {
  if ('vibrate' in navigator) navigator.vibrate(8);
}

/** Buzzes where the device can. */
export function buzz(): void {
  if ('vibrate' in navigator) navigator.vibrate([200, 100, 200]);
}

/** Says it over other windows too, where the rider has allowed that. */
export function callBack(text: string): void {
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  if (document.visibilityState !== 'visible') new Notification(text, { tag: 'bench' });
}

/** Reads a text aloud, once what is being read is cut off. */
export function readAloud(text: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}

/** Stops reading. */
export function hush(): void {
  if ('speechSynthesis' in window) window.speechSynthesis.cancel();
}
