import { api, TAGS } from '@/api/api';
import { letWaitingGo } from '@/api/signIn';
import { sendKept } from '@/outbox';
import { sessionBegan } from '@/state/session';
import type { AppThunk } from '@/store/store';
import { tellTabs } from '@/state/tabs';
import { sessionApi } from '@/api/sessionApi';

/** The page from its beginning: nothing of whoever was here before is left on it. */
export const startOver = (): void => globalThis.location?.replace('/');

/**
 * Somebody has signed in. On a page that is theirs whoever waited goes on, and what is kept here is sent; on somebody else's page
 * nothing goes on: what that person entered is kept for them, and the page begins anew.
 */
export const welcomed = (): AppThunk<Promise<void>> => async (dispatch, getState) => {
  // What was known before stands in `data` even where this answer is another person.
  const { data, isSuccess } = await dispatch(sessionApi.endpoints.me.initiate(undefined, { forceRefetch: true, subscribe: false }));
  const { sheet } = getState().session;
  if (!isSuccess && sheet?.why === 'taken') {
    tellTabs(sheet.by);
    return startOver();
  }
  if (isSuccess) tellTabs(data.person);
  dispatch(api.util.invalidateTags([...TAGS]));
  dispatch(sessionBegan());
  letWaitingGo();
  void dispatch(sendKept());
};
