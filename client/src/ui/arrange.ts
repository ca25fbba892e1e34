import { StyleSheet } from 'react-native';

/**
 * How things stand beneath and beside each other, with so many pixels between them; what one component needs besides stands in a sheet of
 * its own beside it.
 */
export const arrange = StyleSheet.create({
  fill: { flex: 1 },
  fill2: { flex: 1, gap: 2 },
  fillRight: { flex: 1, textAlign: 'right' },
  shrink: { flexShrink: 1 },
  whole: { width: '100%' },
  atStart: { alignItems: 'flex-start' },
  middle: { textAlign: 'center' },
  stack2: { gap: 2 },
  stack3: { gap: 3 },
  stack4: { gap: 4 },
  stack6: { gap: 6 },
  stack8: { gap: 8 },
  stack10: { gap: 10 },
  stack12: { gap: 12 },
  stack14: { gap: 14 },
  stack18: { gap: 18 },
  stack4AtStart: { gap: 4, alignItems: 'flex-start' },
  row: { flexDirection: 'row' },
  row8: { flexDirection: 'row', gap: 8 },
  row10: { flexDirection: 'row', gap: 10 },
  level10: { flexDirection: 'row', gap: 10, alignItems: 'center' },
  level12: { flexDirection: 'row', gap: 12, alignItems: 'center' },
  baseline8: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  apart: { flexDirection: 'row', justifyContent: 'space-between' },
  apart12: { flexDirection: 'row', justifyContent: 'space-between', gap: 12 },
  apartLevel12: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', gap: 12 },
  wrap6: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  wrap8: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  wrap12: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  columns18: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 18 },
});
