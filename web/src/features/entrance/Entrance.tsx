import { useSetUpNeededQuery } from '../people/api.ts';
import { SignIn } from '../people/SignIn.tsx';
import { later } from '../../words/later.ts';

const SetUpPage = later(() => import('./setUp/SetUpPage.tsx'));

/** Whoever is not signed in signs in; where no company has begun, it begins. */
export const Entrance = () => {
  const { data, isLoading } = useSetUpNeededQuery();
  if (isLoading) return null;
  return data?.needed ? <SetUpPage /> : <SignIn />;
};
