/**
 * All charts as one piece to load when the first is drawn: their package is heavy, and a package that
 * two pieces share would be loaded with the first page.
 */
export { CrossingChart } from './CrossingChart';
export { YearStrip } from './YearStrip';
