import { demoLogbook } from '@/core/demo/scenario';
import { corrupt, lastMonths } from '@/test/faults/corruptions';
import { campaign } from './report';

/** Stored entries cut off, overwritten, exchanged, with figures changed and stamps gone. */
const CORRUPTIONS = 10_000;

const demo = demoLogbook(Date.parse('2026-05-10T12:00:00.000Z'), 'Europe/London');
const seeds = Array.from({ length: CORRUPTIONS }, (_, n) => n + 1);
const { notes, ...counts } = corrupt(lastMonths(demo, 2), seeds);
for (const note of notes.slice(0, 20)) console.error(note);
campaign(`${CORRUPTIONS} corruptions of stored entries`, counts);
