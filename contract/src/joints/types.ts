import type { SignedBy } from '../devices/types';
import type { EntryKind, Head, JointPlace, JointPlan, JointState, PlanRequest, JointLink, Stage, Told } from '@kesto/core';
import type { PlanAnswer } from '../engine/plan';
import type { JobSchools } from '../jobs/types';
import type { CircuitView, SiteView, UnitPlate } from '../units/types';

export const NOTE_LIMIT = 2000;

export interface JointSummary {
  readonly id: string;
  readonly tag: string;
  readonly title: string;
  /** What it was called on the phone that added it until its tag came, and may have been written on the pipe. */
  readonly calledAs?: string;
  readonly state: JointState;
  /** Where it sits on the drawn circuit; null where nobody said. */
  readonly at: JointPlace | null;
  /** What its newest plan has chosen. */
  readonly filler?: string;
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
    readonly stage: Stage;
    readonly began: Stage;
    readonly order: readonly JointSummary[];
    readonly schools: JobSchools | null;
    /** Where the job's own chain stands: what a flame was lit on. */
    readonly head: Head;
  };
  readonly site: SiteView;
  readonly unit: UnitPlate;
  readonly circuit: CircuitView;
  readonly plan: StoredPlan | null;
  readonly entries: readonly JointLink[];
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
  /** Heads this device knew: of the joint's chain, and of its job's. */
  readonly seen?: readonly Head[];
  /** What the device signed of it, where it has a key. */
  readonly signed?: SignedBy;
}

export type BrazedValues = Told<'brazed'>;
export type LookValues = Told<'looked-at'>;
