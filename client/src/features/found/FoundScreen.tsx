import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { errorText } from '@/api/api';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed, Loading } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { FoundFilters } from './FoundFilters';
import { FoundTable } from './FoundTable';
import { useFound, type FoundWork, type Said } from './useFound';
import { WORDS } from './words';

/** A table over all joints, by what is asked in its address. */
export function FoundScreen({ params = {} }: { params?: Said }) {
  const found = useFound(params);
  const wide = useIsWide();
  const [isAsking, setAsking] = useState(false);
  const ask = (asked: Parameters<FoundWork['ask']>[0]) => {
    setAsking(false);
    found.ask(asked);
  };
  const filters = <FoundFilters key={JSON.stringify(found.asked)} asked={found.asked} onAsk={ask} />;
  return (
    <Sheet
      tag={WORDS.tag}
      title={WORDS.title}
      subtitle={WORDS.subtitle(found.count)}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'today' }}
      action={{ label: WORDS.csv, onPress: found.giveCsv, disabled: found.joints.length === 0 }}
      round={wide ? undefined : { label: WORDS.asking, onPress: () => setAsking(!isAsking), pressed: isAsking }}
      over={wide ? undefined : filters}
      overOpen={!wide && isAsking}
      aside={wide ? filters : undefined}
    >
      <View style={styles.list}>
        <FrameKey quiet label={WORDS.copyLink} onPress={found.copyLink} />
        {found.said ? (
          <Words size={15} tone="amber">
            {found.said}
          </Words>
        ) : null}
        {found.isBehind ? <Behind onAgain={() => void found.query.refetch()} /> : null}
        <Rows found={found} />
      </View>
    </Sheet>
  );
}

function Behind({ onAgain }: { onAgain: () => void }) {
  return (
    <View style={styles.list} aria-live="polite">
      <Words size={15} tone="amber">
        {WORDS.behind}
      </Words>
      <FrameKey quiet label={WORDS.again} onPress={onAgain} />
    </View>
  );
}

function Rows({ found }: { found: FoundWork }) {
  const { query, joints } = found;
  if (query.isError) return <Failed message={errorText(query.error)} onRetry={() => void query.refetch()} />;
  if (query.isLoading) return <Loading what={WORDS.rows} />;
  return joints.length === 0 ? <Empty title={WORDS.none} text={WORDS.noneText} /> : <FoundTable {...found} />;
}

const styles = StyleSheet.create({ list: { gap: 8 } });
