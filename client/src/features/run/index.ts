export { RunScreen } from './RunScreen';
