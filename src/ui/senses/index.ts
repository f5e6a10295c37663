/** All that measures by camera and microphone, in one piece: what two pieces share would be loaded with the first page. */
export { CountByEar } from './CountByEar';
export { ListenPage } from './ListenPage';
export { RagCheck } from './RagCheck';
export { RagMeter } from './RagMeter';
