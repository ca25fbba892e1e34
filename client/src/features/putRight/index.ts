export { PutRight } from './PutRight';
