import type {
  EntryKind,
  JointPlan,
  JointState,
  LookFinding,
  LookResult,
  PlanRequest,
  RecordEntry,
  Schools,
  UnitPreferences,
} from '@kesto/core';
import type { PlanAnswer } from '../answers/plan';

export const ROLES = ['technician', 'lead', 'inspector', 'admin'] as const;
export type Role = (typeof ROLES)[number];

/** The eleven stages of a job, in the order of work. */
export const JOB_STAGES = [
  'find',
  'decide',
  'make safe',
  'plan',
  'set up',
  'braze',
  'look',
  'hold',
  'pull',
  'charge',
  'hand over',
] as const;
export type JobStage = (typeof JOB_STAGES)[number];

export interface SignInRequest {
  readonly login: string;
  readonly password: string;
}

export interface PersonName {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

export interface Approval {
  readonly group: 'phosphorus filler' | 'silver filler' | 'aluminium filler';
  readonly validUntil: string;
}

export interface Me {
  readonly person: PersonName;
  readonly shop: { readonly id: string; readonly name: string };
  readonly units: UnitPreferences;
  readonly approvals: readonly Approval[];
}

export interface DemoPerson extends PersonName {
  readonly login: string;
  readonly password: string;
}

export interface JointSummary {
  readonly id: string;
  readonly tag: string;
  readonly title: string;
  readonly state: JointState;
}

export interface UnitPlate {
  readonly id: string;
  readonly tag: string;
  readonly name: string;
  readonly kind: string;
}

export interface CircuitView {
  readonly id: string;
  readonly name: string;
  readonly refrigerant: string;
  readonly highSideDesignGaugePa: number;
  readonly lowSideDesignGaugePa: number;
  readonly coldestC: number;
  /** What the nitrogen sweeps, as the planner's purge sections. */
  readonly purgeSections: NonNullable<PlanRequest['purge']>['sections'];
}

export interface JobSummary {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly stage: JobStage;
  readonly done: boolean;
  readonly unit: UnitPlate;
  readonly planned: number;
  readonly joints: number;
}

/** Who noted something of a job, and when the server took it. */
export interface Signed {
  readonly id: string;
  readonly by: string;
  readonly at: string;
}

/** Where a job is made by other schools than the shop's, and why. */
export interface JobSchoolsValues {
  readonly schools: Schools;
  readonly reason?: string;
}
export type JobSchools = JobSchoolsValues & Signed;

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
export type JobSum = JobSumValues & Signed;

export type PutJobEntryRequest =
  { readonly kind: 'schools'; readonly values: JobSchoolsValues } | { readonly kind: 'sum'; readonly values: JobSumValues };

export interface JobView extends JobSummary {
  readonly circuit: CircuitView;
  readonly order: readonly JointSummary[];
  readonly schools: JobSchools | null;
  readonly sums: readonly JobSum[];
}

export interface Today {
  readonly jobs: readonly JobSummary[];
  readonly units: readonly UnitPlate[];
  readonly sentBack: readonly { readonly joint: JointSummary; readonly jobId: string; readonly by: string; readonly why: string }[];
  readonly due: readonly { readonly name: string; readonly what: string; readonly until: string }[];
  readonly toRead: readonly JointSummary[];
}

/**
 * A plan as it was kept: what was asked, what was chosen, and the engine's whole answer. Every screen, page and file that shows
 * the joint is drawn from it; none works it out anew.
 */
export interface StoredPlan {
  readonly id: string;
  readonly request: PlanRequest;
  readonly chosen: string;
  readonly reason: string | null;
  /** In SI, as the engine of `engineVersion` gave it. */
  readonly plan: JointPlan;
  readonly answer: PlanAnswer;
  readonly engineVersion: string;
  readonly by: string;
  readonly at: string;
}

export interface JointView extends JointSummary {
  readonly job: {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly stage: JobStage;
    readonly order: readonly JointSummary[];
    readonly schools: JobSchools | null;
  };
  readonly unit: UnitPlate;
  readonly circuit: CircuitView;
  readonly plan: StoredPlan | null;
  readonly entries: readonly RecordEntry[];
}

export interface VanStock {
  readonly fillers: readonly {
    readonly designation: string;
    readonly rod: NonNullable<PlanRequest['stock']>[number]['rod'];
    readonly count: number;
  }[];
  readonly torch: NonNullable<PlanRequest['torch']>;
  readonly cylinder: NonNullable<NonNullable<PlanRequest['purge']>['cylinder']>;
}

export interface PutJobRequest {
  readonly circuitId: string;
  readonly title: string;
}

export interface PutJointRequest {
  readonly title: string;
}

export interface PutPlanRequest {
  readonly request: PlanRequest;
  readonly chosen: string;
  readonly reason?: string;
  readonly engineVersion: string;
}

export interface PutEntryRequest {
  readonly kind: EntryKind;
  readonly deviceTime: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly string[];
  readonly corrects?: { readonly entry: string; readonly why: string };
}

export interface StoredPhoto {
  readonly sha256: string;
  readonly mediaType: string;
  readonly bytes: number;
}

export interface BrazedValues {
  readonly filler: string;
  readonly rodMm: number;
  readonly seconds: number | null;
  readonly purgeLpm: number | null;
  readonly floodSeconds: number | null;
  readonly depthMm: number | null;
  readonly protection: string;
  readonly note: string;
  /** Why another filler than the plan's was used. */
  readonly reason?: string;
}

export interface LookValues {
  readonly result: LookResult;
  readonly findings: readonly LookFinding[];
  readonly note: string;
}

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

export const PHOTO_LIMIT_BYTES = 12_000_000;
export const NOTE_LIMIT = 2000;
