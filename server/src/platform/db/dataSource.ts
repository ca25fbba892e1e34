import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { ROWS } from './rows';
import { MIGRATIONS } from '../../migrations';

export function ownerDataSource(url: string): DataSource {
  return new DataSource({ type: 'postgres', url, entities: [], migrations: MIGRATIONS, synchronize: false, poolSize: 2 });
}

export function applicationDataSource(url: string): DataSource {
  return new DataSource({ type: 'postgres', url, entities: ROWS, synchronize: false, poolSize: 12, applicationName: 'kesto' });
}
