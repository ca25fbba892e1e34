import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { errorText } from '@/api/api';
import type { AppDispatch } from '@/store/store';
import { useDemoPeopleQuery, useSignInMutation } from '@/api/sessionApi';
import { welcomed } from './welcomed';

/** Sign-in, the same on its own screen and laid over another: whoever waited for it goes on. */
export function useSignIn() {
  const dispatch = useDispatch<AppDispatch>();
  const people = useDemoPeopleQuery().data ?? [];
  const [send, { isLoading }] = useSignInMutation();
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<string | null>(null);

  async function signIn(as: { login: string; password: string } = { login: login.trim().toLowerCase(), password }) {
    if (!as.login || !as.password) return setProblem('Type your name and password.');
    const result = await send(as);
    if ('error' in result && result.error) return setProblem(errorText(result.error));
    setProblem(null);
    await dispatch(welcomed());
  }

  return { people, login, setLogin, password, setPassword, problem, busy: isLoading, signIn };
}
