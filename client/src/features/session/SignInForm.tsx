import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { ListRow } from '@/ui/ListRow';
import { Pill } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { useSignIn } from './useSignIn';
import { WORDS } from './words';

export function SignInForm() {
  const form = useSignIn();
  return (
    <View style={arrange.stack14}>
      {form.people.length > 0 ? (
        <View>
          <Words size={15} tone="ink2">
            {WORDS.demoPeople}
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
      <TextField label={WORDS.name} value={form.login} onChange={form.setLogin} autoFocus={form.at === 'login'} complete="username" />
      <TextField
        label={WORDS.password}
        value={form.password}
        onChange={form.setPassword}
        secure
        autoFocus={form.at === 'password'}
        complete="current-password"
        onEnter={() => void form.signIn()}
        error={form.problem}
      />
      <View style={arrange.row}>
        <Pill label={form.busy ? WORDS.signingIn : WORDS.signIn} disabled={form.busy} onPress={() => void form.signIn()} testID="sign-in" />
      </View>
    </View>
  );
}
