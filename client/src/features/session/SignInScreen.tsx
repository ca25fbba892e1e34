import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { JointDrawing } from '@/drawing/joint/JointDrawing';
import { COVER_JOINT } from '@/drawing/joint/cover';
import { arrange } from '@/ui/arrange';
import { isOpenToListeners, OPEN_TO_LISTENERS } from '@/ui/connection';
import { FrameKey } from '@/ui/Buttons';
import { useIsWide, useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { StrangerNote } from '@/features/label';
import { codeInAddress } from './codeInAddress';
import { JoinForm } from './JoinForm';
import { readEarly } from './early';
import { SignInForm } from './SignInForm';
import { WORDS } from './words';

export function SignInScreen() {
  const t = useTokens();
  const wide = useIsWide();
  const [joining, setJoining] = useState(() => codeInAddress() !== '' || readEarly().pressed === 'code');
  return (
    <ScrollView
      style={{ flex: 1, backgroundColor: t.paper }}
      contentContainerStyle={{
        padding: wide ? 48 : 16,
        gap: 20,
        maxWidth: 1180,
        width: '100%',
        alignSelf: 'center',
        flexGrow: 1,
        justifyContent: wide ? 'center' : 'flex-start',
      }}
    >
      <View role="main" style={{ flexDirection: wide ? 'row' : 'column', gap: wide ? 56 : 16, alignItems: wide ? 'center' : 'stretch' }}>
        <View style={{ flex: wide ? 1.4 : undefined, gap: 10 }}>
          <Mono size={48} role="heading" aria-level={1}>
            {WORDS.kesto}
          </Mono>
          <Words size={wide ? 20 : 17} tone="ink2">
            {WORDS.purpose}
          </Words>
          <JointDrawing {...COVER_JOINT} detail="cover" />
        </View>
        <View style={{ flex: wide ? 1 : undefined }}>
          <StrangerNote />
          {joining ? (
            <JoinForm onBack={() => setJoining(false)} />
          ) : (
            <View style={arrange.stack14}>
              <SignInForm />
              <FrameKey label={WORDS.haveCode} onPress={() => setJoining(true)} />
            </View>
          )}
          {isOpenToListeners() ? (
            <Words size={15} tone="amber" style={styles.over}>
              {OPEN_TO_LISTENERS}
            </Words>
          ) : null}
        </View>
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  over: { paddingTop: 12 },
});
