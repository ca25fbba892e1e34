import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { ListRow } from '@/ui/ListRow';
import { Pill } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { useSignIn } from './useSignIn';

export function SignInForm() {
  const form = useSignIn();
  return (
    <View style={arrange.stack14}>
      {form.people.length > 0 ? (
        <View>
          <Words size={15} tone="ink2">
            Demo: made-up people at a made-up station. Pick one.
          </Words>
          {form.people.map((person) => (
            <ListRow
              key={person.id}
              disabled={form.busy}
              onPress={() => void form.signIn({ login: person.login, password: person.password })}
            >
              <Words bold style={arrange.fill}>
                {person.name}
              </Words>
              <Words size={15} tone="ink2">
                {person.role}
              </Words>
            </ListRow>
          ))}
        </View>
      ) : null}
      <TextField label="name" value={form.login} onChange={form.setLogin} />
      <TextField label="password" value={form.password} onChange={form.setPassword} secure error={form.problem} />
      <View style={arrange.row}>
        <Pill label={form.busy ? 'Signing in' : 'Sign in'} disabled={form.busy} onPress={() => void form.signIn()} testID="sign-in" />
      </View>
    </View>
  );
}
