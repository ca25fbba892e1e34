import { format } from 'date-fns/format';
import { View } from 'react-native';
import { errorText } from '@/api/api';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Failed, Loading } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useEndSignInMutation, useSignInsQuery } from './api';
import { WORDS } from './words';

/** Where the person is signed in; each but this one can be ended from here. */
export function SignIns() {
  const t = useTokens();
  const { data, error, refetch } = useSignInsQuery();
  const [end, ending] = useEndSignInMutation();
  return (
    <View style={arrange.stack4}>
      <Heading size={17}>{WORDS.whereYouAreSigned}</Heading>
      {error ? <Failed message={errorText(error)} onRetry={() => void refetch()} /> : data ? null : <Loading what={WORDS.yourSignIns} />}
      {ending.error ? <Failed message={errorText(ending.error)} /> : null}
      {(data ?? []).map((signIn) => (
        <View
          key={signIn.id}
          style={{
            flexDirection: 'row',
            justifyContent: 'space-between',
            alignItems: 'center',
            gap: 8,
            borderBottomWidth: 1,
            borderColor: t.rule,
            minHeight: 56,
          }}
        >
          <View>
            <Words>{signIn.here ? `${signIn.device}, this one` : signIn.device || 'another device'}</Words>
            <Words size={14} tone="ink2">
              {WORDS.since(format(new Date(signIn.began), 'd MMM HH:mm'))}
            </Words>
          </View>
          {signIn.here ? null : <FrameKey label={WORDS.endIt} disabled={ending.isLoading} onPress={() => void end(signIn.id)} />}
        </View>
      ))}
    </View>
  );
}
