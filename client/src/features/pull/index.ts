export { PullScreen } from './PullScreen';
