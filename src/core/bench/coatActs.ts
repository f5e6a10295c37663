import { goesRound, inHaste, rotorSafe, type ActRule } from './actRule';
import { hasNoTime } from './job';

/** Coats: drops, drenching, wax and hot water. */
export const COAT_ACTS = {
  flush: {
    needs: { chain: ['on'], closure: ['seated'], hands: ['gloved'], water: ['dry'] },
    changes: { rag: 'passed' },
    when: (s, job) => goesRound(s) && rotorSafe(s, job),
  },
  lube: {
    needs: {
      chain: ['on'],
      closure: ['seated'],
      hands: ['gloved'],
      degreaser: ['none'],
      tension: ['set'],
      grease: ['none'],
    },
    changes: { coat: 'on' },
    when: (s, job) =>
      goesRound(s) &&
      rotorSafe(s, job) &&
      (s.water === 'dry' || (s.water === 'towelled' && hasNoTime(job))) &&
      (s.salt === 'none' || inHaste(job)) &&
      (s.rag === 'passed' || job.depth === 'thin coat'),
  },
  'wipe coat': { needs: { coat: ['on'] }, changes: { coat: 'wiped' } },
  'leave coat': { needs: { coat: ['on'] }, changes: { coat: 'left alone' } },
  'pot on': { needs: { pot: ['off'] }, changes: { pot: 'hot' } },
  'boil off': { needs: { pot: ['hot'], chain: ['off'] } },
  dip: {
    needs: {
      pot: ['hot'],
      chain: ['off'],
      water: ['dry'],
      degreaser: ['none'],
      rag: ['passed'],
      grease: ['none'],
      length: ['right'],
    },
    changes: { coat: 'on' },
  },
  'pot off': { needs: { pot: ['hot'] }, changes: { pot: 'off' } },
  'kettle on': { needs: { kettle: ['off'] }, changes: { kettle: 'hot' } },
  pour: {
    needs: { kettle: ['hot'], chain: ['on'] },
    changes: { kettle: 'off', water: 'wet inside', salt: 'none' },
  },
} as const satisfies Record<string, ActRule>;
