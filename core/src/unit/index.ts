export * from './units';
export * from './parse';
export * from './format';
export * from './write';
