/** Every sentence a person reads, by language. */
export * from './en';
