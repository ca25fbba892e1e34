import { planJoint, type PlanRequest } from '@kesto/core';
import type { PlanAnswer } from '@kesto/contract';
import type { MigrationInterface, QueryRunner } from 'typeorm';
import { keptPlan } from './keptPlan';

interface OldRow {
  readonly shop_id: string;
  readonly id: string;
  readonly request: PlanRequest;
  readonly answer: PlanAnswer;
}

/** The engine’s whole answer beside the request. Rows are seen across shops here alone: the owner lifts its own walls for the length of this. */
export class KeptPlan1764000000005 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table joint_plan add column plan jsonb');
    await runner.query('alter table joint_plan no force row level security');
    const rows = (await runner.query('select shop_id, id, request, answer from joint_plan')) as OldRow[];
    for (const row of rows) {
      const plan = keptPlan(row.request, row.answer, planJoint);
      await runner.query('update joint_plan set plan = $3 where shop_id = $1 and id = $2', [row.shop_id, row.id, JSON.stringify(plan)]);
    }
    await runner.query('alter table joint_plan force row level security');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
