export { default } from './garage';
