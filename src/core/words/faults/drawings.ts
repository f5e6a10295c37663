/** Causes that are drawn, and what their drawings show. */
export const DRAWING_SAID = {
  'wrong side of tab':
    'Drawing: on the left, right: the chain runs straight between the jockey wheels, inside the tab. On the right, wrong: it runs outside the tab and rubs on it.',
  'stiff link':
    'Drawing: the chain leaves the lower jockey wheel; one link stays bent and stands up.',
  'worn cogs':
    'Drawing: on the left new teeth, the same on both sides; on the right worn ones, hooked like a wave.',
  'packed ring':
    'Drawing: on the left a clean narrow-wide ring, the chain deep between its teeth; on the right the gaps are packed with dirt and the chain rides high.',
} as const;

export type DrawnCause = keyof typeof DRAWING_SAID;
