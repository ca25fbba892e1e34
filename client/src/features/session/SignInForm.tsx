import { View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Pill } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { useSignIn } from './useSignIn';

export function SignInForm() {
  const t = useTokens();
  const form = useSignIn();
  return (
    <View style={{ gap: 14 }}>
      {form.people.length > 0 ? (
        <View>
          <Words size={15} tone="ink2">
            Demo: made-up people at a made-up station. Pick one.
          </Words>
          {form.people.map((person) => (
            <TouchableRipple
              key={person.id}
              role="button"
              disabled={form.busy}
              onPress={() => void form.signIn({ login: person.login, password: person.password })}
            >
              <View
                style={{
                  minHeight: 56,
                  flexDirection: 'row',
                  justifyContent: 'space-between',
                  alignItems: 'center',
                  borderBottomWidth: 1,
                  borderColor: t.rule,
                }}
              >
                <Words bold>{person.name}</Words>
                <Words size={15} tone="ink2">
                  {person.role}
                </Words>
              </View>
            </TouchableRipple>
          ))}
        </View>
      ) : null}
      <TextField label="name" value={form.login} onChange={form.setLogin} />
      <TextField label="password" value={form.password} onChange={form.setPassword} secure error={form.problem} />
      <View style={{ flexDirection: 'row' }}>
        <Pill label={form.busy ? 'Signing in' : 'Sign in'} disabled={form.busy} onPress={() => void form.signIn()} testID="sign-in" />
      </View>
    </View>
  );
}
