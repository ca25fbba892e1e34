/** What checks files, signatures too: fetched when the first file is checked. */
export const openCheck = () => import('@kesto/contract/check');
