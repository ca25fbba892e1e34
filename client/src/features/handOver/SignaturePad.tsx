import SignaturePad, { type PointGroup } from 'signature_pad';
import { createElement, useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

const SIZE = { width: 340, height: 150 } as const;

/** Strokes as paths, in whole units: no markup, and small enough to be kept. */
const pathOf = (strokes: readonly PointGroup[]): string =>
  strokes.map(({ points }) => points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${Math.round(x)} ${Math.round(y)}`).join(' ')).join(' ');

interface DrawnProps {
  /** Strokes so far; empty where nothing is drawn. */
  readonly onDrawn: (drawn: string) => void;
  /** Changes where it is to be cleared. */
  readonly round: number;
}

/** A field to sign in with a finger or a pen. */
export function SignatureField({ onDrawn, round }: DrawnProps) {
  const t = useTokens();
  const canvas = useRef<HTMLCanvasElement | null>(null);
  const told = useRef(onDrawn);
  useEffect(() => {
    told.current = onDrawn;
  }, [onDrawn]);
  useEffect(() => {
    if (!canvas.current) return;
    const pad = new SignaturePad(canvas.current, { penColor: t.ink, minWidth: 1.2, maxWidth: 2.6 });
    const tell = () => told.current(pathOf(pad.toData()));
    pad.addEventListener('endStroke', tell);
    return () => {
      pad.removeEventListener('endStroke', tell);
      pad.off();
    };
  }, [t.ink, round]);
  return (
    <View style={[styles.field, { borderColor: t.ink }]}>
      {createElement('canvas', {
        key: round,
        ref: canvas,
        width: SIZE.width,
        height: SIZE.height,
        'aria-label': WORDS.draw,
        'data-testid': 'signature',
        style: { touchAction: 'none', width: SIZE.width, height: SIZE.height },
      })}
      <Words size={14} tone="ink2" style={styles.says}>
        {WORDS.draw}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { borderBottomWidth: 2, width: SIZE.width, maxWidth: '100%', overflow: 'hidden' },
  says: { position: 'absolute', left: 8, bottom: 4 },
});
