import 'reflect-metadata';
import { DataSource, DefaultNamingStrategy } from 'typeorm';
import { MIGRATIONS } from '../../migrations';
import { ROWS } from './rows';

/** A database that does not answer within these is as good as gone: the request ends with 503, never hangs. */
const CONNECT_MS = 5_000;
const STATEMENT_MS = 5_000;

const patience = {
  connectionTimeoutMillis: CONNECT_MS,
  statement_timeout: STATEMENT_MS,
  lock_timeout: STATEMENT_MS,
  idle_in_transaction_session_timeout: 2 * STATEMENT_MS,
  // The client's own clock, for a server that is frozen and tells nothing of its timeouts.
  query_timeout: STATEMENT_MS + 500,
};

/** `circuitId` in the code is `circuit_id` in the table. */
class SnakeCaseColumns extends DefaultNamingStrategy {
  override columnName(property: string, given: string | undefined): string {
    return given ?? property.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
  }
}

/** Whoever `url` names, for making roles; as the role that owns the tables, where one is given, for the migrations. */
export function ownerDataSource(url: string, role?: string): DataSource {
  const extra = { connectionTimeoutMillis: CONNECT_MS, ...(role ? { options: `-c role=${role}` } : {}) };
  return new DataSource({ type: 'postgres', url, entities: [], migrations: MIGRATIONS, synchronize: false, poolSize: 2, extra });
}

export function applicationDataSource(url: string): DataSource {
  return new DataSource({
    type: 'postgres',
    url,
    entities: ROWS,
    namingStrategy: new SnakeCaseColumns(),
    synchronize: false,
    poolSize: 12,
    applicationName: 'kesto',
    extra: patience,
    // A connection that breaks while idle is dropped by the pool; the next request opens another.
    poolErrorHandler: () => undefined,
  });
}
