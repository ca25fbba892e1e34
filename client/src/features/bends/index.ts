export { BendsScreen } from './BendsScreen';
export { BendsKey } from './BendsKey';
