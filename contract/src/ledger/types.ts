/** Words of an entry that are to be taken away for good, or the name of whoever wrote it. */
export interface EraseRequest {
  readonly entry: string;
  readonly what: 'words' | 'name';
  readonly why: string;
}
