export * from './hold';
export * from './request';
export * from './smallestSeen';
