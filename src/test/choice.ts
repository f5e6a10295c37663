import type { ChoiceFacts } from '@/core/choice/rules';

/** What a choice of lube knows of an everyday rider with wet lube on, changed where a test needs it. */
export const choiceFacts = (more: Partial<ChoiceFacts> = {}): ChoiceFacts => ({
  habit: 'due',
  wetShare: 0.2,
  ebike: false,
  storage: 'shed',
  standsHours: 56,
  dusty: false,
  now: 'wet',
  pot: false,
  waxInWet: 'model',
  household: 'yes',
  minutesPerWeek: null,
  leadHours: null,
  kmPerWeek: 120,
  horizonKm: 500,
  ...more,
});
