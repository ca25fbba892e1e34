/** One device on which a person is signed in. */
export interface Session {
  readonly id: string;
  readonly tokenHash: string;
  readonly personId: string;
  readonly beganAt: Date;
  readonly expiresAt: Date;
  readonly device: string;
}

export interface SessionRepository {
  byToken(tokenHash: string): Promise<Session | null>;
  /** Those that have not ended, the newest first. */
  ofPerson(personId: string, now: Date): Promise<readonly Session[]>;
  add(session: Session): Promise<void>;
  remove(tokenHash: string): Promise<void>;
  removeExpired(now: Date): Promise<void>;
  /** False where the person has no such sign-in. */
  end(personId: string, id: string): Promise<boolean>;
  /** Ends every sign-in of a person; one of them may stay. */
  endAllOf(personId: string, butFor?: string): Promise<void>;
}
