/** Hands a text to the rider as a file to keep. */
export function downloadText(name: string, text: string, type = 'application/json'): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

const fileOf = (name: string, text: string): File =>
  new File([text], name, { type: 'application/json' });

/** Whether the device can hand files to other apps of the rider's. */
export const canShareFiles = (): boolean =>
  typeof navigator.canShare === 'function' &&
  navigator.canShare({ files: [fileOf('backup.json', '{}')] });

/** Hands a text to another app as a file; a rider who changes their mind changes nothing. */
export function shareText(name: string, text: string): void {
  void navigator.share({ files: [fileOf(name, text)] }).catch(() => undefined);
}
