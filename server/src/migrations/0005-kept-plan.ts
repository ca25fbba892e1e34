import type { PlanRequest } from '@kesto/core';
import type { PlanAnswer } from '@kesto/contract';
import type { MigrationInterface, QueryRunner } from 'typeorm';
import { planJoint } from './frozen/planner.cjs';
import { keptPlan } from './keptPlan';
import { todaysRequest } from './todaysRequest';

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
      const request = todaysRequest(row.request, row.answer.fit.insertMm);
      const plan = keptPlan(request, row.answer, planJoint);
      const values = [row.shop_id, row.id, JSON.stringify(request), JSON.stringify(plan)];
      await runner.query('update joint_plan set request = $3, plan = $4 where shop_id = $1 and id = $2', values);
    }
    await runner.query('alter table joint_plan force row level security');
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
