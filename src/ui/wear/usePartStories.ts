import { useMemo } from 'react';
import type { Garage } from '@/core/records/garage';
import { partStories, type PartStory } from '@/core/wear/parts';
import type { Played } from './useWear';

/** What has become of every part. */
export const usePartStories = (played: Played, parts: Garage['parts']): PartStory[] =>
  useMemo(() => partStories(played.replay.steps, parts), [played, parts]);
