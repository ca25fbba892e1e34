/** Goes up with every change of an answer: a plan kept under another version is offered anew, never changed. */
export const ENGINE_VERSION = '2.5.2';
