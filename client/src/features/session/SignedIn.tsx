import type { Me } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useOwnDevice } from '@/data/devices/useOwnDevice';
import { SignalNote, useOffline } from '@/features/offline';
import { useTodayQuery } from '@/data/today/api';
import { TreeNote } from '@/features/seal';
import { useKeptHere, useSendKept } from '@/outbox';
import { unitWords } from '@/session/units';
import { StationProvider, type Station } from '@/ui/station';
import { useTokens } from '@/ui/theme';
import { ClockNote } from './ClockNote';
import { codeInAddress } from './codeInAddress';
import { FindOver } from './FindOver';
import { SignedOutOver } from './SignedOutOver';

/** Everything behind the sign-in, with what its title block says and what may be laid over it. */
export function SignedIn({ me, children }: { me: Me; children: ReactNode }) {
  const t = useTokens();
  const { data: today } = useTodayQuery();
  const kept = useKeptHere();
  useSendKept();
  useOffline(today, me.person.id);
  useOwnDevice(me.person.id);
  const router = useRouter();
  useEffect(() => {
    if (codeInAddress()) router.replace('/');
  }, [router]);
  const [finding, setFinding] = useState(false);
  const jobs = today?.jobs.length ?? null;
  const station = useMemo<Station>(
    () => ({ name: me.person.name, units: unitWords(me.units), jobs, kept, find: () => setFinding(true) }),
    [me, jobs, kept],
  );
  return (
    <StationProvider value={station}>
      <View style={{ flex: 1, backgroundColor: t.paper }}>
        <SignalNote />
        <ClockNote />
        <TreeNote shop={me.shop.id} />
        {children}
        <FindOver open={finding} onClose={() => setFinding(false)} />
        <SignedOutOver />
      </View>
    </StationProvider>
  );
}
