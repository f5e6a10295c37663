/**
 * All that validates what comes from outside and what was stored, as one piece: it is half as large as the
 * rest of the first page's own code, and the first page does without it.
 */
export { readEvent, readGarage, readSettings, salvage, soundLogbook } from '../logbook/reading';
export { recorderReplySchema } from '../formats/recorderReply';
export { weatherReplySchema } from '../formats/weatherReply';
export { problemReplySchema } from '../formats/problemReply';
export { runSchema } from '../records/benchRun';
export { noiseSearchSchema } from '../records/noiseSearch';
