/** What the outbox needs once there is something to send. */
export { post, postTogether } from './post';
export { signKept } from './signWrite';
