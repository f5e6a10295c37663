/** What Today asks of a trial, as a piece that nothing else asks for: else it would be loaded with the first page. */
export { trialSaid } from './trialSaid';
