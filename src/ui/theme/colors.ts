/** Pressed cloth: chalk, navy, flannel; yellow for now and chalk marks, red for danger, green for done. */
export interface Colors {
  /** The page. */
  chalk: string;
  /** A raised piece of cloth. */
  cloth: string;
  /** A field to write in. */
  field: string;
  ink: string;
  inkSoft: string;
  line: string;
  /** Lines that must stand out from the ground, WCAG 3:1. */
  lineStrong: string;
  tape: string;
  onTape: string;
  danger: string;
  dangerCloth: string;
  done: string;
  /** The main button and its text. */
  strong: string;
  onStrong: string;
  gritLight: string;
  gritDark: string;
  spread: string;
}

export const LIGHT: Colors = {
  chalk: '#f6f3ec',
  cloth: '#fffdf8',
  field: '#ffffff',
  ink: '#1c2b42',
  inkSoft: '#4d5a6c',
  line: '#ddd7ca',
  lineStrong: '#82807a',
  tape: '#e8b71a',
  onTape: '#1c2b42',
  danger: '#96321f',
  dangerCloth: '#f8e6df',
  done: '#1e5b41',
  strong: '#1c2b42',
  onStrong: '#fffdf8',
  gritLight: '#b9b2a3',
  gritDark: '#5d574c',
  spread: '#c9d0da',
};

export const DARK: Colors = {
  chalk: '#131a22',
  cloth: '#1b2430',
  field: '#10161d',
  ink: '#f2ede1',
  inkSoft: '#aeb8c5',
  line: '#323f4f',
  lineStrong: '#76869a',
  tape: '#e8b71a',
  onTape: '#1a2433',
  danger: '#f39a84',
  dangerCloth: '#3a2420',
  done: '#84cfa8',
  strong: '#f2ede1',
  onStrong: '#131a22',
  gritLight: '#6e6656',
  gritDark: '#b5a98f',
  spread: '#33435a',
};
