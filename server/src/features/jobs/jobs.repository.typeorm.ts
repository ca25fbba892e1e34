import { In } from 'typeorm';
import { JobJoints, Jobs, Joints, People, Shops, type JobRow, type JointRow, type PersonRow, type ShopRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export const jobById = ({ shopId, manager }: ShopWork, id: string): Promise<JobRow | null> =>
  manager.findOneBy(Jobs, { shop_id: shopId, id });

export const openJobs = ({ shopId, manager }: ShopWork): Promise<JobRow[]> =>
  manager.find(Jobs, { where: { shop_id: shopId, done: false }, order: { number: 'DESC' } });

/** The newest of the jobs that are done; what is older is found by its tag. */
export const lastDoneJobs = ({ shopId, manager }: ShopWork, most: number): Promise<JobRow[]> =>
  manager.find(Jobs, { where: { shop_id: shopId, done: true }, order: { number: 'DESC' }, take: most });

export async function nextJobNumber({ shopId, manager }: ShopWork): Promise<number> {
  return 1 + ((await manager.maximum(Jobs, 'number', { shop_id: shopId })) ?? 0);
}

export async function addJob({ shopId, manager }: ShopWork, job: Omit<JobRow, 'shop_id'>): Promise<void> {
  await manager.insert(Jobs, { ...job, shop_id: shopId });
}

/** Joints by job, each in its order of work. */
export async function jointsOfJobs({ shopId, manager }: ShopWork, jobIds: readonly string[]): Promise<Map<string, readonly JointRow[]>> {
  const links = await manager.find(JobJoints, { where: { shop_id: shopId, job_id: In([...jobIds]) }, order: { place: 'ASC' } });
  const rows = await manager.findBy(Joints, { shop_id: shopId, id: In(links.map((l) => l.joint_id)) });
  const byId = new Map(rows.map((row) => [row.id, row]));
  const jointsOf = (id: string) => links.filter((l) => l.job_id === id).flatMap((l) => byId.get(l.joint_id) ?? []);
  return new Map(jobIds.map((id) => [id, jointsOf(id)]));
}

export async function addJoint({ shopId, manager }: ShopWork, jobId: string, joint: Omit<JointRow, 'shop_id'>): Promise<void> {
  const place = 1 + (await manager.countBy(JobJoints, { shop_id: shopId, job_id: jobId }));
  await manager.insert(Joints, { ...joint, shop_id: shopId });
  await manager.insert(JobJoints, { shop_id: shopId, job_id: jobId, joint_id: joint.id, place });
}

/** Holds the shop until the transaction ends: two jobs opened at once get two numbers. */
export const lockShop = ({ shopId, manager }: ShopWork): Promise<ShopRow | null> =>
  manager.findOne(Shops, { where: { shop_id: shopId }, lock: { mode: 'pessimistic_write' } });

/** Tags count up within a unit and are never used twice. */
export async function nextTag({ shopId, manager }: ShopWork, unitTag: string): Promise<string> {
  const rows = await manager
    .createQueryBuilder(Joints, 'joint')
    .where({ shop_id: shopId })
    .andWhere('joint.tag like :tag', { tag: `${unitTag}-%` })
    .getMany();
  const highest = Math.max(0, ...rows.map((row) => Number(row.tag.slice(unitTag.length + 1))).filter(Number.isFinite));
  return `${unitTag}-${String(highest + 1).padStart(2, '0')}`;
}

export const allPeople = ({ shopId, manager }: ShopWork): Promise<PersonRow[]> =>
  manager.find(People, { where: { shop_id: shopId }, order: { name: 'ASC' } });
