import { joiResolver } from '@hookform/resolvers/joi';
import { PASSWORD_LEAST, type PutPasswordRequest } from '@kesto/contract';
import { putPasswordRequest } from '@kesto/contract/schemas';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { errorField, errorText } from '@/api/api';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { FormText } from '@/forms/FormFields';
import { Words } from '@/ui/Words';
import { usePutPasswordMutation } from './api';
import { WORDS } from './words';

const EMPTY: PutPasswordRequest = { current: '', next: '' };

/** A new password of one's own; it ends the other sign-ins. */
export function PasswordForm() {
  const [open, setOpen] = useState(false);
  const [put, { isLoading, isSuccess }] = usePutPasswordMutation();
  const { control, handleSubmit, setError, reset } = useForm<PutPasswordRequest>({
    defaultValues: EMPTY,
    resolver: joiResolver(putPasswordRequest, { errors: { label: false } }),
  });
  const change = handleSubmit(async (passwords) => {
    const { error } = await put(passwords);
    if (error) return setError(errorField(error) === 'current' ? 'current' : 'next', { message: errorText(error) });
    setOpen(false);
    reset(EMPTY);
  });
  if (!open)
    return (
      <View style={arrange.stack6}>
        <FrameKey label={WORDS.changeYourPassword} onPress={() => setOpen(true)} />
        {isSuccess ? (
          <Words size={15} tone="teal" role="status">
            {WORDS.changed}
          </Words>
        ) : null}
      </View>
    );
  return (
    <View style={arrange.stack10}>
      <FormText control={control} name="current" label={WORDS.passwordNow} secure />
      <FormText control={control} name="next" label={WORDS.newPasswordLettersOr(PASSWORD_LEAST)} secure />
      <FrameKey label={isLoading ? WORDS.changingIt : WORDS.changeIt} disabled={isLoading} onPress={() => void change()} />
    </View>
  );
}
