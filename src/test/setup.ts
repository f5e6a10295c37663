import nodeCrypto from 'node:crypto';
import 'fake-indexeddb/auto';
import { TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';
import fc from 'fast-check';
import { cases } from './cases';

// Fixed seeds: a property that fails, fails again tomorrow.
fc.configureGlobal({ seed: 20260401, numRuns: cases(100) });

// jsdom has no structuredClone, and IndexedDB cannot store without it.
globalThis.structuredClone ??= (value) => deserialize(serialize(value));

// jsdom's clock takes no measures.
performance.measure ??= () => ({}) as PerformanceMeasure;

// The test's window lacks what every browser has.
Object.assign(globalThis, { TextEncoder });
if (!('randomUUID' in globalThis.crypto))
  Object.defineProperty(globalThis.crypto, 'randomUUID', {
    value: () => nodeCrypto.randomUUID(),
  });
