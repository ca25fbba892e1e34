import { DataTable } from 'react-native-paper';
import { Mono, Words } from '@/ui/Words';
import type { ReadingRow } from './readingRows';

/** Readings with what is usual beside them. */
export function ReadingTable({ rows, hasBefore }: { rows: readonly ReadingRow[]; hasBefore: boolean }) {
  return (
    <DataTable>
      <DataTable.Header>
        {['', 'read', ...(hasBefore ? ['at first'] : []), 'usual'].map((text) => (
          <DataTable.Title key={text}>
            <Words size={14} tone="ink2">
              {text}
            </Words>
          </DataTable.Title>
        ))}
      </DataTable.Header>
      {rows.map((row) => (
        <DataTable.Row key={row.label} style={FLUSH}>
          <DataTable.Cell>
            <Words size={15}>{row.label}</Words>
          </DataTable.Cell>
          <DataTable.Cell>
            <Mono size={15} tone={row.isOff ? 'amber' : 'ink'}>
              {row.isRough ? `~${row.now} *` : row.now}
            </Mono>
          </DataTable.Cell>
          {hasBefore ? (
            <DataTable.Cell>
              <Mono size={15} tone="ink2">
                {row.before}
              </Mono>
            </DataTable.Cell>
          ) : null}
          <DataTable.Cell>
            <Words size={14} tone="ink2">
              {row.usual}
            </Words>
          </DataTable.Cell>
        </DataTable.Row>
      ))}
    </DataTable>
  );
}

const FLUSH = { paddingHorizontal: 0 } as const;
