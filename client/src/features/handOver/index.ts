export { HandOverScreen } from './HandOverScreen';
