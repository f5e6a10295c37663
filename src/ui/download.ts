/** Hands a text to the rider as a file to keep. */
export const downloadText = (name: string, text: string, type = 'application/json'): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands a picture, or any bytes, to the rider as a file to keep. */
export function downloadBlob(name: string, bytes: Blob): void {
  const url = URL.createObjectURL(bytes);
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
