/** A lead's PIN on one phone, until midnight: the half of its key that checks. */
export interface DayPinRow {
  readonly id: string;
  readonly leadId: string;
  readonly phoneOf: string;
  /** SPKI in base64. */
  readonly key: string;
  readonly madeAt: Date;
  readonly until: Date;
}

/** What was overruled by a PIN, under the id of its entry. */
export interface PinUse {
  readonly id: string;
  readonly leadId: string;
  readonly jobId: string;
  readonly at: Date;
  readonly seenAt: Date | null;
}

export interface DayPinRepository {
  byId(id: string): Promise<DayPinRow | null>;
  add(pin: DayPinRow): Promise<void>;
  /** Noted twice it is one. */
  used(use: PinUse): Promise<void>;
  /** The oldest first. */
  unseenOf(leadId: string): Promise<readonly PinUse[]>;
  /** Of a lead's own; one that is not changes nothing. */
  seen(id: string, leadId: string, now: Date): Promise<void>;
}
