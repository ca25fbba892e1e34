export { HoldScreen } from './HoldScreen';
