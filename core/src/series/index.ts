export * from './block';
export * from './verifySeries';
