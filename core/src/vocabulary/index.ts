export * from './stage';
