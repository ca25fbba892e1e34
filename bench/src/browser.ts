// Injected into the page: the same engine where the client runs it.
import { planJoint } from '@kesto/core';
import { JOINT, medianMs, WITH_THREE } from './plan';

declare const globalThis: { kestoPlanMs?: () => { joint: number; withThree: number } };

globalThis.kestoPlanMs = () => ({
  joint: medianMs(() => planJoint(JOINT), { each: 50 }),
  withThree: medianMs(() => planJoint(WITH_THREE)),
});
