import * as z from 'zod/mini';
import { STANDARD_NAMES, type Standard } from '../care/constants';

export const THEMES = ['system', 'light', 'dark'] as const;

export const settingsSchema = z.object({
  units: z.enum(['metric', 'imperial']),
  standard: z.enum(STANDARD_NAMES as [Standard, ...Standard[]]),
  theme: z.enum(THEMES),
  changedAt: z.iso.datetime(),
});

export type Settings = z.infer<typeof settingsSchema>;
export type ThemeChoice = (typeof THEMES)[number];

/** Tidy: wiped when a rag comes away grey, deep-cleaned before grit triples the wear. */
export const DEFAULT_SETTINGS: Settings = {
  units: 'metric',
  standard: 'tidy',
  theme: 'system',
  changedAt: '1970-01-01T00:00:00.000Z',
};
