import { skipToken } from '@reduxjs/toolkit/query/react';
import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { errorField, errorText } from '@/api/api';
import { typedCode } from '@/data/people/code';
import type { AppDispatch } from '@/store/store';
import { useJoinMutation, useReadInviteQuery } from '@/api/sessionApi';
import { codeInAddress } from './codeInAddress';
import { welcomed } from './welcomed';

const FIELDS = ['code', 'shopName', 'name', 'login', 'password'] as const;
type Field = (typeof FIELDS)[number];

/** What somebody signs in by where they choose nothing else. */
const loginFrom = (name: string) => (name.trim().toLowerCase().split(/\s+/)[0] ?? '').replace(/[^\p{L}\p{N}.-]/gu, '');

/** From a code to being signed in; a scanned code needs no tap. */
export function useJoin() {
  const dispatch = useDispatch<AppDispatch>();
  const [code, setCode] = useState(codeInAddress);
  const [asked, setAsked] = useState(() => typedCode(codeInAddress()));
  const reading = useReadInviteQuery(asked ? { code: asked } : skipToken);
  const [send, sending] = useJoinMutation();
  const [typed, setTyped] = useState<{ shopName: string; name: string | null; login: string | null; password: string }>({
    ...{ shopName: '', name: null, login: null, password: '' },
  });
  const invitation = asked ? (reading.currentData ?? null) : null;
  const name = typed.name ?? (invitation?.first ? '' : (invitation?.name ?? ''));
  // As long as nobody typed another: the first word of the name.
  const fields = { ...typed, name, login: typed.login ?? loginFrom(name) };

  async function comeIn() {
    if (!invitation) return;
    const { shopName, name, login, password } = fields;
    const who = invitation.login
      ? { name: invitation.name, login: invitation.login }
      : { name: name.trim(), login: login.trim().toLowerCase() };
    const result = await send({ code: asked, ...who, password, ...(shopName.trim() ? { shopName: shopName.trim() } : {}) });
    if (result.error) return;
    await dispatch(welcomed());
  }

  const error = sending.error;
  const field = error ? errorField(error) : null;
  const known = FIELDS.some((name) => name === field);
  return {
    code,
    setCode,
    invitation,
    fields,
    set: (key: keyof typeof fields) => (text: string) => setTyped((before) => ({ ...before, [key]: text })),
    look: () => (asked && typedCode(code) === asked ? void reading.refetch() : setAsked(typedCode(code))),
    comeIn,
    again: () => setAsked(''),
    busy: reading.isFetching || sending.isLoading,
    codeProblem: asked && reading.error ? errorText(reading.error) : null,
    problem: (name: Field) => (field === name ? errorText(error) : null),
    otherProblem: error && !known ? errorText(error) : null,
  };
}
