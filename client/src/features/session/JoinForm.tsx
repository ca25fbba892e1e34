import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey, Pill } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { useJoin } from './useJoin';
import { WORDS } from './words';

/** Coming in by a one-time code: first what it is for, then a name to sign in by and a password. */
export function JoinForm({ onBack }: { onBack: () => void }) {
  const join = useJoin();
  const { invitation } = join;
  if (!invitation)
    return (
      <View style={arrange.stack14}>
        <Heading size={20}>{WORDS.comeInByCode}</Heading>
        <TextField label={WORDS.oneTimeCodeAs} value={join.code} onChange={join.setCode} error={join.codeProblem} testID="join-code" />
        <View style={arrange.row}>
          <Pill label={join.busy ? WORDS.looking : WORDS.goOn} disabled={join.busy} onPress={() => join.look()} testID="join-look" />
        </View>
        <FrameKey label={WORDS.iSignInBy} onPress={onBack} />
      </View>
    );
  return (
    <View style={arrange.stack14}>
      <Heading size={20}>{invitation.first ? 'A shop of your own' : `Welcome to ${invitation.shop}`}</Heading>
      <Words size={15}>
        {invitation.login
          ? `${invitation.name}, choose a new password. You sign in as “${invitation.login}”.`
          : `You come in as ${invitation.role}.`}
      </Words>
      {invitation.first ? (
        <TextField
          label={WORDS.whatTheShopIs}
          value={join.fields.shopName}
          onChange={join.set('shopName')}
          error={join.problem('shopName')}
        />
      ) : null}
      {invitation.login ? null : (
        <>
          <TextField label={WORDS.yourNameAsIt} value={join.fields.name} onChange={join.set('name')} error={join.problem('name')} />
          <TextField label={WORDS.nameToSignIn} value={join.fields.login} onChange={join.set('login')} error={join.problem('login')} />
        </>
      )}
      <TextField
        label={WORDS.passwordTenLettersOr}
        value={join.fields.password}
        onChange={join.set('password')}
        secure
        error={join.problem('password') ?? join.otherProblem}
      />
      <View style={arrange.row}>
        <Pill label={join.busy ? WORDS.comingIn : WORDS.comeIn} disabled={join.busy} onPress={() => void join.comeIn()} testID="join" />
      </View>
      <FrameKey label={WORDS.anotherCode} onPress={join.again} />
    </View>
  );
}
