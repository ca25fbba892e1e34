export * from './hold';
export * from './request';
export { wantedLeakPaM3S, type WantedRequest } from './refrigerantLeak';
export * from './smallestSeen';
export * from './curve';
