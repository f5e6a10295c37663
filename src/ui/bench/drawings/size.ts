/** The size every drawing is drawn to. */
export const DRAWING = { width: 340, height: 170 } as const;
