import { useEffect, useEffectEvent, useState } from 'react';
import { useDispatch } from 'react-redux';
import { errorText } from '@/api/api';
import type { AppDispatch } from '@/store/store';
import { useDemoPeopleQuery, useSignInMutation } from '@/api/sessionApi';
import { readEarly } from './early';
import { welcomed } from './welcomed';
import { WORDS } from './words';

interface Credentials {
  readonly login: string;
  readonly password: string;
}

const missingIn = ({ login, password }: Credentials) => (login.trim() && password ? null : WORDS.typeBoth);

/** Sign-in, the same on its own screen and laid over another: whoever waited for it goes on. */
export function useSignIn() {
  const dispatch = useDispatch<AppDispatch>();
  const people = useDemoPeopleQuery().data ?? [];
  const [send, { isLoading }] = useSignInMutation();
  const [early] = useState(readEarly);
  const [login, setLogin] = useState(early.login);
  const [password, setPassword] = useState(early.password);
  const typed = { login: login.trim().toLowerCase(), password };
  const [problem, setProblem] = useState<string | null>(early.pressed === 'sign-in' ? missingIn(typed) : null);

  async function signIn(as: Credentials = typed) {
    // Enter in a field may come twice.
    if (isLoading) return;
    const missing = missingIn(as);
    if (missing) return setProblem(missing);
    await enter(as);
  }

  async function enter(as: Credentials) {
    const result = await send(as);
    if ('error' in result && result.error) return setProblem(errorText(result.error));
    setProblem(null);
    await dispatch(welcomed());
  }

  const goOn = useEffectEvent(() => void enter(typed));
  const isAsked = early.pressed === 'sign-in' && !missingIn(early);
  useEffect(() => {
    if (isAsked) goOn();
  }, [isAsked]);

  return { people, login, setLogin, password, setPassword, at: early.at, problem, busy: isLoading, signIn };
}
