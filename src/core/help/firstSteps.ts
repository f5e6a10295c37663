import type { FirstStep } from './firstWeek';

/** A step of the first week: what to do, what it is good for, and where. */
export const FIRST_STEP_WORDS: Record<FirstStep, { title: string; why: string; href: string }> = {
  ride: {
    title: 'Log your next ride',
    why: 'It takes three taps and a number. Distance and weather are what use up lube.',
    href: '/rides/log',
  },
  rag: {
    title: 'Check the chain with a rag',
    why: 'How dark it comes away tells us how dirty the chain really is.',
    href: '/?note=rag',
  },
  bottle: {
    title: 'Put your lube on the shelf',
    why: 'Each bottle is learnt by itself: yours may last longer than the handbook says.',
    href: '/shelf',
  },
  job: {
    title: 'Do a job at the bench',
    why: 'It guides you step by step, and writes down what you did.',
    href: '/bench',
  },
};
