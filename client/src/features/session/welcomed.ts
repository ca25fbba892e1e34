import { api, TAGS } from '@/api/api';
import { letWaitingGo } from '@/api/signIn';
import { sendKept } from '@/outbox';
import { sessionBegan } from '@/state/session';
import type { AppThunk } from '@/state/store';

/** Somebody has signed in: nothing is shown as another left it, whoever waited goes on, and what is kept here is sent. */
export const welcomed = (): AppThunk<void> => (dispatch) => {
  dispatch(api.util.invalidateTags([...TAGS]));
  dispatch(sessionBegan());
  letWaitingGo();
  void dispatch(sendKept());
};
