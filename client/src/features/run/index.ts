export { RunScreen } from './RunScreen';
export { useCaptive } from './useCaptive';
export { useRunEvents } from './useRunEvents';
