export { goldenSentences } from './sentences';
