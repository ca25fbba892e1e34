import { StyleSheet, View } from 'react-native';
import { useDispatch } from 'react-redux';
import { usePeople } from '@/data/people/api';
import { useIsLead } from '@/session/useIsLead';
import { useMe } from '@/session/useMe';
import { sendKept, takeOnBehalf, useKept, useKeptHere } from '@/outbox';
import type { AppDispatch } from '@/store/store';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { Words } from '@/ui/Words';
import { KeptRow } from './KeptRow';
import type { Owner } from './keptText';
import { WayToServer } from './WayToServer';
import { WORDS } from './words';

/** Everything this device has kept and the server does not have yet. */
export function KeptScreen() {
  const dispatch = useDispatch<AppDispatch>();
  const me = useMe();
  const isLead = useIsLead();
  const kept = useKept();
  const here = useKeptHere();
  const left = usePeople().data?.people.filter((person) => person.left) ?? [];
  const ownerOf = (by: string): Owner => (by === me?.person.id ? 'own' : left.some(({ id }) => id === by) ? 'left' : 'other');
  const departed = left.flatMap(({ id, name }) => {
    const count = kept.filter((command) => command.by === id).length;
    return count > 0 ? [{ id, name, count }] : [];
  });
  const others = kept.filter((command) => command.by !== me?.person.id).length;
  return (
    <Sheet
      tag="kept"
      title={WORDS.onlyOnThisDevice}
      subtitle={kept.length === 0 ? WORDS.nothingTheServerHas : WORDS.itIsSentBy}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'kept' }}
      action={kept.length > 0 ? { label: WORDS.sendNow, onPress: () => void dispatch(sendKept()) } : undefined}
      aside={
        <View style={styles.kept}>
          <WayToServer kept={here} />
          <Words size={15} tone="ink2">
            {WORDS.howItGoes}
          </Words>
        </View>
      }
    >
      {kept.length === 0 ? (
        <Empty title={WORDS.allStored} text={WORDS.whatYouKeepWithout} />
      ) : (
        <View role="list" aria-label={WORDS.keptHere} style={styles.page}>
          {kept.map((command) => (
            <KeptRow key={command.id} command={command} owner={ownerOf(command.by)} isLead={isLead} />
          ))}
        </View>
      )}
      {isLead
        ? departed.map(({ id, name, count }) => (
            <View key={id} style={arrange.atStart}>
              <FrameKey label={WORDS.takeOverWhatHad(name, count)} onPress={() => void dispatch(takeOnBehalf(id))} />
            </View>
          ))
        : null}
      {others > 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.others(others)}
        </Words>
      ) : null}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  kept: { gap: 12, paddingTop: 8 },
  page: { maxWidth: 720 },
});
