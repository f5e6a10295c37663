export { RagMeter } from './RagMeter';
