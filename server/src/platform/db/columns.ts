import type { EntitySchemaColumnOptions } from 'typeorm';

type ColumnType = 'uuid' | 'text' | 'integer' | 'smallint' | 'bigint' | 'jsonb' | 'timestamptz' | 'bytea' | 'boolean' | 'double precision';

/** A column of the primary key. */
export const key = (type: ColumnType): EntitySchemaColumnOptions => ({ type, primary: true });
export const column = (type: ColumnType): EntitySchemaColumnOptions => ({ type });
export const nullable = (type: ColumnType): EntitySchemaColumnOptions => ({ type, nullable: true });
export const shopId = key('uuid');
export const id = key('uuid');
