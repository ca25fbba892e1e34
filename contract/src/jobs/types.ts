import type { JointPlace, Next, Schools, Stage, Told, Watch } from '@kesto/core';
import type { JobStages } from '../stages/types';
import type { JointSummary } from '../joints/types';
import type { ApprovalScope } from '../people/types';
import type { CircuitView, SiteView, UnitDetails, UnitPlate } from '../units/types';

export interface JobSummary {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly stage: Stage;
  /** At which its record here began: what lies before is not kept. */
  readonly began: Stage;
  readonly done: boolean;
  readonly unit: UnitPlate;
  readonly circuitId: string;
  readonly planned: number;
  readonly joints: number;
  readonly next: Next;
  /** The watch after the last flame, where one was begun and is not ended. */
  readonly watch: Watch | null;
}

/** Who noted something of a job, and when the server took it. */
export interface NotedBy {
  readonly id: string;
  readonly by: string;
  readonly at: string;
}

/** Where a job is made by other schools than the shop's, and why. */
export interface JobSchoolsValues {
  readonly schools: Schools;
  readonly reason?: string;
}
export type JobSchools = JobSchoolsValues & NotedBy;

export interface SumLine {
  readonly label: string;
  readonly text: string;
}

/** A sum made on the bench, kept with a job as it stood: what was given and what came out, in words. */
export interface JobSumValues {
  readonly calculator: string;
  readonly given: readonly SumLine[];
  readonly answers: readonly SumLine[];
  readonly note?: string;
}
export type JobSum = JobSumValues & NotedBy;

/** What was done in a stage that has no sheet of its own, in words. */
export interface StageNoteValues {
  readonly of: Stage;
  readonly text: string;
}
export type StageNote = StageNoteValues & NotedBy;

/** In which order the joints are made; a reason where it breaks a rule. */
export interface KeptOrderValues {
  readonly order: readonly string[];
  readonly reason?: string;
}
export type KeptOrder = KeptOrderValues & NotedBy;

/** What was laid out of the kit list, and what was not there. */
export type KeptKit = Told<'kit-kept'> & NotedBy;
/** What came out before the flame, and what went back. */
export type TakenOutNote = (({ readonly kind: 'taken-out' } & Told<'taken-out'>) | ({ readonly kind: 'put-back' } & Told<'put-back'>)) &
  NotedBy;

/** A note of the job as a whole. */
export type JobNote =
  | { readonly kind: 'schools'; readonly values: JobSchoolsValues }
  | { readonly kind: 'sum'; readonly values: JobSumValues }
  | { readonly kind: 'stage-note'; readonly values: StageNoteValues }
  | { readonly kind: 'order-kept'; readonly values: KeptOrderValues }
  | { readonly kind: 'kit-kept'; readonly values: Told<'kit-kept'> }
  | { readonly kind: 'taken-out'; readonly values: Told<'taken-out'> }
  | { readonly kind: 'put-back'; readonly values: Told<'put-back'> };
/** What belongs to a job, changed. */
export type JobChange =
  | { readonly kind: 'joint-removed'; readonly values: { readonly joint: string; readonly why: string } }
  | { readonly kind: 'circuit-changed'; readonly values: { readonly to: string } };
export type PutJobEntryRequest = JobNote | JobChange;

export interface JobView extends JobSummary {
  /** Where it was put by hand, for jobs from before stages were kept. */
  readonly stored: Stage;
  readonly stages: JobStages;
  readonly plate: UnitDetails;
  readonly site: SiteView;
  readonly circuit: CircuitView;
  readonly order: readonly JointSummary[];
  /** The tag the next joint would get now: what a device calls it until the server has settled it. */
  readonly nextTag: string;
  /** In which order its joints are made, where one was kept: `order` above stands in it. */
  readonly keptOrder?: KeptOrder | null;
  readonly schools: JobSchools | null;
  readonly sums: readonly JobSum[];
  /** Of servers of before: none. */
  readonly stageNotes?: readonly StageNote[];
  readonly kit?: KeptKit | null;
  /** In the order they were said. */
  readonly takenOut?: readonly TakenOutNote[];
}

/** An approval that ends soon, or approvals that the shop has to confirm again. */
export type Due = { readonly name: string; readonly until: string } & (
  { readonly kind: 'approval'; readonly scope: ApprovalScope } | { readonly kind: 'confirmation' | 'calibration' | 'cylinder-test' }
);

export interface Today {
  readonly jobs: readonly JobSummary[];
  readonly units: readonly UnitPlate[];
  readonly sentBack: readonly { readonly joint: JointSummary; readonly jobId: string; readonly by: string; readonly why: string }[];
  readonly due: readonly Due[];
  readonly toRead: readonly JointSummary[];
  /** Joints with an entry that came out of turn, or a flame that was lit while the torch was locked: a lead says what counts. */
  readonly toSettle: readonly JointSummary[];
}

export interface PutJobRequest {
  readonly circuitId: string;
  readonly title: string;
}

export interface PutJointRequest {
  readonly title: string;
  /** On the circuit as it is drawn. */
  readonly at?: JointPlace;
  /** Its provisional tag, until the server gives it one. */
  readonly calledAs?: string;
}
