import type { PutJobEntryRequest, Stage } from '@kesto/contract';

export interface Job {
  readonly id: string;
  readonly circuitId: string;
  readonly number: number;
  readonly title: string;
  /** As it was stored; where the job stands is told by its entries and joints. */
  readonly stage: Stage;
  readonly began: Stage;
  readonly done: boolean;
  readonly requestHash: string;
}

export interface JobRepository {
  byId(id: string): Promise<Job | null>;
  /** Holds the job until the transaction ends: what counts up within it cannot be counted twice. */
  lock(id: string): Promise<Job | null>;
  /** The newest first, as all lists of jobs. */
  ofCircuits(circuitIds: readonly string[]): Promise<readonly Job[]>;
  open(): Promise<readonly Job[]>;
  /** The newest of the jobs that are done; what is older is found by its tag. */
  lastDone(most: number): Promise<readonly Job[]>;
  nextNumber(): Promise<number>;
  add(job: Job): Promise<void>;
}

/** Something noted of a job as a whole. */
export type JobEntry = {
  readonly id: string;
  readonly jobId: string;
  readonly personId: string;
  readonly madeAt: Date;
  readonly requestHash: string;
} & PutJobEntryRequest;

export interface JobEntryRepository {
  byId(id: string): Promise<JobEntry | null>;
  /** In the order in which they were noted. */
  ofJob(jobId: string): Promise<readonly JobEntry[]>;
  add(entry: JobEntry): Promise<void>;
}
