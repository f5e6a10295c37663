/** A rag to practise on where there is none: drawn by us, a mark of chain grime on pale cloth. */
export async function practiceRag(): Promise<Blob | null> {
  if (!('OffscreenCanvas' in window)) return null;
  const [width, height] = [1200, 900];
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d');
  if (!pen) return null;
  pen.fillStyle = '#4a4238';
  pen.fillRect(0, 0, width, height);
  pen.translate(width / 2, height / 2);
  pen.rotate(-0.06);
  pen.fillStyle = '#cdc7ba';
  pen.fillRect(-470, -340, 940, 680);
  // The weave.
  pen.fillStyle = 'rgba(90, 80, 60, 0.05)';
  for (let y = -340; y < 340; y += 8) pen.fillRect(-470, y, 940, 3);
  for (let x = -470; x < 470; x += 8) pen.fillRect(x, -340, 3, 680);
  // Two runs of the chain through it, darker in the middle.
  for (const y of [-60, 50])
    for (let step = 0; step < 9; step++) {
      pen.fillStyle = 'rgba(38, 34, 28, 0.1)';
      pen.beginPath();
      pen.ellipse(6 * (step % 3) - 6, y, 190 - 9 * step, 48 - 3 * step, 0, 0, 2 * Math.PI);
      pen.fill();
    }
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
}
