import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useAppDispatch } from '../../store/store.ts';
import { useGoOn } from '../../ui/useGoOn.ts';
import { v7 as newId } from 'uuid';
import { roundsApi } from './api.ts';

const ask = { subscribe: false, forceRefetch: true };

/**
 * Begins the round of a home on this phone, by what it would be: with signal or without it is the
 * same. Where somebody else has begun one meanwhile, what is done goes into theirs.
 */
export const useBegin = () => {
  const dispatch = useAppDispatch();
  const goOn = useGoOn();
  const { data: me } = useMeQuery();
  const [state, setState] = useState<{ busy: boolean; error?: unknown }>({ busy: false });
  const begin = async (homeId: string) => {
    setState({ busy: true });
    const asked = await dispatch(roundsApi.endpoints.roundAhead.initiate(homeId, ask));
    if (!asked.data || !me) {
      setState({ busy: false, error: asked.error });
      return;
    }
    const { tell } = await import('../../offline/outbox.ts');
    const id = newId();
    await tell(id, { does: 'begin', personId: me.person.id, ahead: asked.data });
    goOn(`/rounds/${id}`);
  };
  return { begin: (homeId: string) => void begin(homeId), ...state };
};
