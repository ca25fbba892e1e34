/** A file's parts by their path; one that is asked for may be unpacked only then. */
export type Parts = Pick<ReadonlyMap<string, Uint8Array>, 'get' | 'keys'>;
