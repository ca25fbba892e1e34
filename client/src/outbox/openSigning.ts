/** What makes statements to be signed takes the engine's tables along: fetched when the first of them is signed. */
export const openSigning = () => import('./signWrite');
