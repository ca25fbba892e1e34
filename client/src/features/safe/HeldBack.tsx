import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { CheckRow } from '@/ui/CheckRow';
import { KeepKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Heading, Words } from '@/ui/Words';
import type { PointFormProps } from './pointFormProps';
import { titleOf } from './titleOf';
import { WORDS } from './words';

const FIGURES = {
  what: { label: 'what holds it back', kind: 'words', hint: 'by name, as “liquid valve at the receiver”' },
  reads: { label: 'its gauge, read again', kind: 'pressure' },
} as const;

/** Beside the flame a side stays full: what keeps it there, and whether that lets by. */
export function HeldBack({ point, work, onKept }: PointFormProps) {
  const figures = useFigures(work.keptAs(point), FIGURES);
  const [capped, setCapped] = useState(false);
  const [steady, setSteady] = useState(false);
  const { title, says } = titleOf(point);
  const keep = ({ what, reads }: Read<typeof FIGURES>) => closing(onKept)(work.note('held-back', { what, capped, reads, steady }));
  return (
    <View style={styles.form}>
      <Heading size={17}>{title}</Heading>
      <Words size={15} tone="ink2">
        {says}
      </Words>
      <FigureFields figures={figures} />
      <View>
        <CheckRow label={WORDS.itsStemIsCapped} checked={capped} onChange={setCapped} />
        <CheckRow label={WORDS.theGaugeStayedWhere} checked={steady} onChange={setSteady} />
      </View>
      <KeepKey
        main
        label={capped && steady ? WORDS.itHolds : WORDS.keepItItDoes}
        busy={work.busy}
        onPress={() => void figures.submit(keep)}
      />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
