/** "learnt from 1 coat", "learnt from 4 coats". */
export const learntFrom = (coats: number): string =>
  `learnt from ${coats} ${coats === 1 ? 'coat' : 'coats'}`;
