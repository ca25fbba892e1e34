import type { SectionJoint } from '@kesto/core/section';

/** The joint on the first screen. */
export const COVER_JOINT: { joint: SectionJoint; gas: string } = {
  joint: {
    male: { metal: 'copper', od: 22.225, wall: 1.143 },
    female: { metal: 'brass', form: 'component-stub', bore: 22.32, depth: 19.05, wall: 1.6 },
  },
  gas: 'nitrogen',
};
