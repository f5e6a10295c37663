import 'fake-indexeddb/auto';
import fc from 'fast-check';

// Fixed seeds: a property that fails, fails again tomorrow.
fc.configureGlobal({ seed: 20260401, numRuns: 100 });
