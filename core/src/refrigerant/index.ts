export * from './saturation';
export * from './readings';
