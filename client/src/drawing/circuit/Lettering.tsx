import { createContext, useContext } from 'react';
import { Text } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { READINGS, WORDS } from '@/ui/tokens';

/** Units of the drawing to a pixel of the screen: letters keep their size however small the drawing is shown. */
export const LetterScale = createContext(1);

interface LetteringProps {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly size?: number;
  readonly anchor?: 'start' | 'middle' | 'end';
  /** A reading rather than words. */
  readonly reading?: boolean;
}

const HALO = 5;

/** A line of letters on the drawing, clear of what it crosses. */
export function Lettering({ x, y, text, size = 14, anchor = 'middle', reading = false }: LetteringProps) {
  const t = useTokens();
  const scale = useContext(LetterScale);
  const face = { fontFamily: reading ? READINGS : WORDS, fontWeight: reading ? '700' : '400', fontSize: size * scale } as const;
  const place = { x, y: y + 0.35 * size * scale, textAnchor: anchor } as const;
  return (
    <>
      <Text {...place} {...face} stroke={t.paper} strokeWidth={HALO * scale} strokeLinejoin="round" fill={t.paper}>
        {text}
      </Text>
      <Text {...place} {...face} fill={reading ? t.ink : t.ink2}>
        {text}
      </Text>
    </>
  );
}
