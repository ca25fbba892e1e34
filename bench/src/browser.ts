// Injected into the page: the same engine where the client runs it.
import { planJoint } from '@kesto/core';
import { JOINT, medianMs } from './plan';

declare const globalThis: { kestoPlanMs?: () => number };

globalThis.kestoPlanMs = () => medianMs(() => planJoint(JOINT), { each: 50 });
