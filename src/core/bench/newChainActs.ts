import { RUNNING, type ActRule } from './actRule';

/** What is done to a chain out of its box, and to the bike it goes on. */
export const NEW_CHAIN_ACTS = {
  'look at teeth': {
    needs: { chain: ['off'], degreaser: ['none'] },
    changes: { teeth: 'looked at' },
  },
  'try length': {
    needs: { chain: ['off'], which: ['other'], wheel: ['in', 'loose'], degreaser: ['none'] },
    changes: { length: 'tried' },
  },
  cut: { needs: { chain: ['off'], length: ['tried'] }, changes: { length: 'right' } },
  'wipe grease': {
    needs: { chain: ['off'], which: ['other'], hands: ['gloved'], grease: ['factory'] },
    changes: { grease: 'outside wiped' },
  },
  'look at joints': {
    needs: { chain: ['on'], closure: ['seated'] },
    changes: { joints: 'free' },
  },
  'read new chain': {
    needs: { which: ['other'], chain: ['on'], closure: ['seated'] },
    changes: { baseline: 'read' },
  },
  'try under load': {
    needs: { ...RUNNING, bike: ['on its wheels'], levers: ['free'], rimBrake: ['closed'] },
    changes: { load: 'tried' },
  },
} as const satisfies Record<string, ActRule>;
