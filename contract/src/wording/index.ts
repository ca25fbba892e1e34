export * from './show';
export * from './fillers';
export * from './cautions';
export * from './errors';
export * from './pointers';
export * from './schools';
export * from './figures';
export * from './fullRule';
