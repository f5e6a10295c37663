import { PAGE } from './pageShapes';

/** Twice as large as on the page: sharp in print. */
const SCALE = 2;
const FONTS = [
  { family: 'Hanken Grotesk', file: '/fonts/hanken-grotesk.woff2' },
  { family: 'Red Hat Mono', file: '/fonts/red-hat-mono.woff2' },
];

const dataUrl = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error('A font could not be read.'));
    reader.readAsDataURL(blob);
  });

/** The faces of the page, written into it: a picture sees no fonts of the app's. */
async function faces(): Promise<string> {
  const rules = await Promise.all(
    FONTS.map(async ({ family, file }) => {
      const font = await (await fetch(file)).blob();
      return `@font-face{font-family:"${family}";font-weight:100 900;src:url(${await dataUrl(font)})}`;
    }),
  );
  return rules.join('');
}

/** Draws a drawing of the app's into a PNG. Null where the browser cannot. */
export async function pictureOf(drawing: SVGSVGElement): Promise<Blob | null> {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(PAGE.width * SCALE));
  copy.setAttribute('height', String(PAGE.height * SCALE));
  const style = document.createElementNS('http://www.w3.org/2000/svg', 'style');
  style.textContent = await faces();
  copy.prepend(style);
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = PAGE.width * SCALE;
  canvas.height = PAGE.height * SCALE;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/png'));
}
