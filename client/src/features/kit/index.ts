export { KitScreen } from './KitScreen';
