import { formatGaugePressure, gaugePascals, readingText, type UnitPreferences } from '@kesto/core/unit';
import type { SheetAction } from '@/ui/Sheet';
import { WORDS } from '../words';
import type { HoldWatchWork } from './useHoldWatch';

/** What lies over the hold. */
export type Panel = 'read' | 'down' | 'leave';

interface Acts {
  readonly open: (panel: Panel) => void;
  readonly busy: boolean;
  readonly units: UnitPreferences;
}

const mmss = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** The one action, by how far the hold is. */
export function actionOf(watch: HoldWatchWork, { open, busy, units }: Acts): SheetAction {
  const { state, next, standLeftS, isOver, isLive, tracks, isAtStrength } = watch;
  const endThenLetDown = async () => {
    if (await watch.end()) open('down');
  };
  if (state === 'ended') return { label: WORDS.letDown, disabled: busy, onPress: () => open('down') };
  if (state === 'filling') {
    if (standLeftS > 0) {
      const time = mmss(standLeftS);
      const label = isAtStrength ? WORDS.strengthStands(time) : next === null ? WORDS.stayOff(time) : WORDS.waits(time);
      return { label, disabled: true, onPress: () => undefined };
    }
    if (next === null) return { label: WORDS.shutSupply, disabled: busy, onPress: () => void watch.shut() };
    const at = readingText(formatGaugePressure(gaugePascals(next * 1000), units));
    return { label: isAtStrength ? WORDS.letDownTo(at) : WORDS.stands(at), disabled: busy, onPress: () => void watch.step(next) };
  }
  if (isOver) return { label: WORDS.end, disabled: busy, onPress: () => void endThenLetDown() };
  if (isLive) return { label: WORDS.watching, disabled: true, onPress: () => undefined };
  return { label: tracks.readings.length === 0 ? WORDS.noteFirst : WORDS.note, disabled: busy, onPress: () => open('read') };
}
