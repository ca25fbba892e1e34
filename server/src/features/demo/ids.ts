/** Ids of the demo, the same at every loading (UUID v7 in form), so that its records can be made again to the letter. */
export const demoId = (n: number) => `0193a000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;
export const DEMO_SHOP = demoId(1);
