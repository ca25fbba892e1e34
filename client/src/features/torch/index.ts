/** What other features may use of this one; everything else in its folder is its own. */
export { Freshness } from './Freshness';
export { TorchChoices } from './TorchChoices';
export { TorchLocked } from './TorchLocked';
export { useFreshness } from './useFreshness';
export { useTorchLock } from './useTorchLock';
