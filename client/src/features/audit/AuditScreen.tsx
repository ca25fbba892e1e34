import type { AuditLine, AuditPage } from '@kesto/contract';
import { auditText } from '@kesto/contract/wording';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { errorText } from '@/api/api';
import { Fetched } from '@/api/Fetched';
import { useMe } from '@/session/useMe';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useAuditInfiniteQuery } from './api';
import { WORDS } from './words';

interface Pages {
  readonly pages: readonly AuditPage[];
}

/** Who came in or was refused, whose power changed, what was overruled or taken out: the newest first. For admins. */
export function AuditScreen() {
  const query = useAuditInfiniteQuery();
  const me = useMe();
  const older = query.hasNextPage ? () => void query.fetchNextPage() : null;
  return (
    <Fetched<Pages> query={query} what={WORDS.whoDidWhat}>
      {({ pages }) => (
        <Sheet
          tag="trail"
          title={WORDS.whoDidWhatToo}
          subtitle={me?.shop.name ?? ''}
          up={{ label: WORDS.people, href: '/people' }}
          cells={{ here: 'person' }}
        >
          <View style={styles.list}>
            <Days lines={pages.flatMap(({ lines }) => lines)} />
            {query.isError ? <Failed message={errorText(query.error)} onRetry={older ?? undefined} /> : null}
            {older && !query.isError ? (
              <FrameKey
                label={query.isFetchingNextPage ? WORDS.fetchingOlderOnes : WORDS.older}
                disabled={query.isFetchingNextPage}
                onPress={older}
              />
            ) : null}
          </View>
        </Sheet>
      )}
    </Fetched>
  );
}

const dayOf = ({ at }: AuditLine) => format(new Date(at), 'EEEE d MMM yyyy');

function Days({ lines }: { lines: readonly AuditLine[] }) {
  if (lines.length === 0) return <Empty title={WORDS.nothingYet} text={WORDS.signInsCodesRoles} />;
  const days = [...new Set(lines.map(dayOf))];
  return days.map((day) => (
    <View key={day}>
      <Heading size={17}>{day}</Heading>
      {lines
        .filter((line) => dayOf(line) === day)
        .map((line) => (
          <Line key={`${line.at} ${line.id}`} line={line} />
        ))}
    </View>
  ));
}

function Line({ line }: { line: AuditLine }) {
  const t = useTokens();
  const refused = line.what === 'sign-in-refused';
  return (
    <View style={[styles.line, { borderColor: t.rule }]}>
      <View style={styles.time}>
        <Words size={15} tone="ink2">
          {format(new Date(line.at), 'HH:mm')}
        </Words>
      </View>
      <View style={styles.said}>
        <Words bold={refused}>{auditText(line)}</Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { maxWidth: 760, gap: 14 },
  line: { flexDirection: 'row', gap: 14, paddingVertical: 9, borderBottomWidth: 1, alignItems: 'baseline' },
  time: { width: 44 },
  said: { flex: 1 },
});
