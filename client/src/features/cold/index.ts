export { ColdScreen } from './ColdScreen';
