/** What the sentences of the contract are pinned on. */
export { GOLDEN_REQUESTS } from './requests';
