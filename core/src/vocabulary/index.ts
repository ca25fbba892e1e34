export * from './stage';
export * from './joint';
export * from './part';
export * from './torch';
export * from './service';
export * from './schools';
export * from './circuit';
export * from './people';
