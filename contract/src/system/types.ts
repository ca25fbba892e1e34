/** For whoever watches the server: whether it and its database answer, whether the disk has room, when it was last backed up. */
export interface Health {
  readonly ok: true;
  readonly engineVersion: string;
  readonly disk: 'ok' | 'low';
  readonly lastBackup: string | null;
}

/** Every refusal of the API has this body. */
export interface ApiErrorBody {
  readonly error: { readonly code: string; readonly field?: string; readonly message: string; readonly requestId: string };
}
