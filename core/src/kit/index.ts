export * from './closing';
export * from './kit';
export * from './minutes';
export * from './ofJob';
