import { useRouter } from 'expo-router';
import type { UnitPreferences } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useDispatch, useSelector } from 'react-redux';
import { api, errorText, isAway } from '@/api/api';
import { forgetAnswers } from '@/cache';
import { dropPin } from '@/features/dayPin';
import { useSignOutMutation } from '@/api/sessionApi';
import { unitsWrite, useMe } from '@/session/useMe';
import { useWrite } from '@/outbox';
import { ApprovalLine } from '@/features/people';
import { personSignedOut } from '@/state/session';
import { leaving } from '@/state/leaving';
import { tellTabs } from '@/state/tabs';
import { themeChosen, type ThemeChoice } from '@/state/theme';
import type { RootState } from '@/store/store';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { PasswordForm } from './PasswordForm';
import { SignIns } from './SignIns';
import { PinOfToday } from './PinOfToday';
import { TorchChoices } from '@/features/torch';
import { WORDS } from './words';

const words = <T extends string>(...values: readonly T[]) => values.map((value) => ({ value, label: value as string }));

const isSignedOut = (error: object) => 'status' in error && error.status === 401;

/** Units, light, approvals. Units change what is shown, never what is stored. */
export function PersonScreen() {
  const dispatch = useDispatch();
  const router = useRouter();
  const me = useMe();
  const { keep, problem } = useWrite();
  const [signOut] = useSignOutMutation();
  /** Why somebody is still signed in. */
  const [stays, setStays] = useState<string | null>(null);
  if (!me) return null;
  const set = (part: Partial<UnitPreferences>) => void keep(unitsWrite({ ...me.units, ...part }));
  const { id } = me.person;
  async function leave() {
    // Noted first: a page that is closed at once has signed out all the same.
    leaving.note(id);
    const { error } = await signOut();
    // Whoever is signed out already goes as they wanted; without a signal the server is told when there is one.
    if (!isAway(error)) leaving.done();
    if (error && !isAway(error) && !isSignedOut(error)) return setStays(errorText(error));
    await forgetAnswers(id);
    dropPin();
    tellTabs(null);
    dispatch(personSignedOut());
    dispatch(api.util.resetApiState());
  }
  return (
    <Sheet
      tag={me.person.name.split(' ')[0] ?? ''}
      title={me.person.name}
      subtitle={`${me.person.role}, ${me.shop.name}`}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'person' }}
    >
      {stays ? <Failed message={stays} /> : null}
      {problem ? <Failed message={problem.message} /> : null}
      <FrameKey label={WORDS.theShopsPeople} onPress={() => router.push('/people')} />
      <FrameKey label={WORDS.shopPractice} onPress={() => router.push('/schools')} />
      <FrameKey label={WORDS.whatIsSignedHere} onPress={() => router.push('/signed')} />
      <FrameKey label={WORDS.checkARecordFile} onPress={() => router.push('/verify')} />
      <Heading size={17}>{WORDS.unitsYouRead}</Heading>
      <Choice label={WORDS.lengths} value={me.units.length} options={words('metric', 'inch')} onChange={(length) => set({ length })} />
      <Choice
        label={WORDS.pressure}
        value={me.units.pressure}
        options={words('kPa', 'bar', 'psig')}
        onChange={(pressure) => set({ pressure })}
      />
      <Choice
        label={WORDS.temperature}
        value={me.units.temperature}
        options={[
          { value: 'C', label: '°C' },
          { value: 'F', label: '°F' },
        ]}
        onChange={(temperature) => set({ temperature })}
      />
      <Choice label={WORDS.vacuum} value={me.units.vacuum} options={words('Pa', 'micron')} onChange={(vacuum) => set({ vacuum })} />
      <Choice label={WORDS.mass} value={me.units.mass} options={words('kg', 'lb', 'lb-oz')} onChange={(mass) => set({ mass })} />
      <Heading size={17}>{WORDS.light}</Heading>
      <Light />
      <Heading size={17}>{WORDS.atTheTorch}</Heading>
      <TorchChoices />
      {me.person.role === 'technician' ? <PinOfToday /> : null}
      <Heading size={17}>{WORDS.brazingApprovals}</Heading>
      {me.approvals.length === 0 ? <Empty title={WORDS.noneEntered} text={WORDS.approvalsAndTheirEnd} /> : null}
      <View style={arrange.stack10}>
        {me.approvals.map((a) => (
          <ApprovalLine key={a.scope} approval={a} today={new Date()} />
        ))}
      </View>
      <SignIns />
      <PasswordForm />
      <SignOut onLeave={() => void leave()} />
    </Sheet>
  );
}

/** Day, night, or as the device has it. */
function Light() {
  const dispatch = useDispatch();
  const theme = useSelector((state: RootState) => state.theme);
  return (
    <Choice<ThemeChoice>
      label={WORDS.lightLabel}
      value={theme}
      options={[
        { value: 'device', label: WORDS.asTheDevice },
        { value: 'day', label: WORDS.day },
        { value: 'night', label: WORDS.night },
      ]}
      onChange={(choice) => dispatch(themeChosen(choice))}
    />
  );
}

/** Small, and it asks: what is only on this device stays here until this person signs in again. */
function SignOut({ onLeave }: { onLeave: () => void }) {
  const [asks, setAsks] = useState(false);
  if (!asks)
    return (
      <View style={arrange.atStart}>
        <FrameKey quiet label={WORDS.signOut} onPress={() => setAsks(true)} />
      </View>
    );
  return (
    <View role="group" aria-label={WORDS.signOutLabel} style={arrange.stack8}>
      <Words size={15}>{WORDS.signOutOnThisDevice}</Words>
      <View style={arrange.row8}>
        <FrameKey label={WORDS.yesSignOut} onPress={onLeave} />
        <FrameKey label={WORDS.stay} onPress={() => setAsks(false)} />
      </View>
    </View>
  );
}
