/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { addComment } from './comments.service';
