import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { outbox } from './outbox.ts';
import { api } from '../api/api.ts';
import { units } from './units.ts';

export const store = configureStore({
  reducer: {
    [api.reducerPath]: api.reducer,
    [outbox.name]: outbox.reducer,
    [units.name]: units.reducer,
  },
  middleware: (standard) => standard().concat(api.middleware),
});

export type State = ReturnType<typeof store.getState>;
export type Dispatch = typeof store.dispatch;
export const useAppSelector = useSelector.withTypes<State>();
export const useAppDispatch = useDispatch.withTypes<Dispatch>();
