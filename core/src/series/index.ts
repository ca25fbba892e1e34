export * from './block';
export * from './verifySeries';
export * from './log';
