export { PaperKeys } from './PaperKeys';
