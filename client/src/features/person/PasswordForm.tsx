import { PASSWORD_LEAST } from '@kesto/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { errorField, errorText } from '@/api/api';
import { FrameKey } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { usePutPasswordMutation } from './api';

/** A new password of one's own; it ends the other sign-ins. */
export function PasswordForm() {
  const [open, setOpen] = useState(false);
  const [current, setCurrent] = useState('');
  const [next, setNext] = useState('');
  const [put, { isLoading, error, isSuccess }] = usePutPasswordMutation();
  const problem = (field: string) => (error && errorField(error) === field ? errorText(error) : null);
  async function change() {
    const result = await put({ current, next });
    if (!result.data) return;
    setOpen(false);
    setCurrent('');
    setNext('');
  }
  if (!open)
    return (
      <View style={{ gap: 6 }}>
        <FrameKey label="Change your password" onPress={() => setOpen(true)} />
        {isSuccess ? (
          <Words size={15} tone="teal" role="status">
            Changed. Your other sign-ins have ended.
          </Words>
        ) : null}
      </View>
    );
  return (
    <View style={{ gap: 10 }}>
      <TextField label="password now" value={current} onChange={setCurrent} secure error={problem('current')} />
      <TextField
        label={`new password, ${PASSWORD_LEAST} letters or more`}
        value={next}
        onChange={setNext}
        secure
        error={problem('next') ?? (error && !errorField(error) ? errorText(error) : null)}
      />
      <FrameKey
        label={isLoading ? 'Changing it' : 'Change it'}
        disabled={isLoading || next.length < PASSWORD_LEAST}
        onPress={() => void change()}
      />
    </View>
  );
}
