/** So long after a page opened what can wait begins [ms]: what it opened for has been drawn by then, on a slow phone too. */
export const AFTER_OWN_WORK_MS = 2_500;
