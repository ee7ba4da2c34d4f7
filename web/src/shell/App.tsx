import { later, laterOnRound } from '../words/later.ts';
import { changeLanguage, w } from '../words/words.ts';
import type { Me } from '@zymostat/contract';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { LanguageChoice } from '../features/people/LanguageChoice.tsx';
import { Entrance } from '../features/entrance/Entrance.tsx';
import { Waiting, WentWrong } from '../ui/parts.tsx';
import { problemOf } from '../api/api.ts';
import { useMeQuery } from '../api/me.ts';
import { useAppDispatch } from '../store/store.ts';
import { units } from '../store/units.ts';
import { whenTaken } from '../offline/worker.ts';
import { Shell } from './Shell.tsx';
import { WayOn } from './WayOn.tsx';

/** Each place is a chunk of its own; the first one brings its words along. */
const Homes = lazy(() => import('../features/board/Homes.tsx'));
const Today = later(() => import('../features/today/Today.tsx'));
const Week = later(() => import('../features/week/WeekPage.tsx'));
const HomePage = later(() => import('../features/board/HomePage.tsx'));
const Bench = later(() => import('../features/batches/Bench.tsx'));
const Analyse = later(() => import('../features/recipes/Analyse.tsx'));
const Bottles = later(() => import('../features/bottles/Bottles.tsx'));
const JarsPage = later(() => import('../features/jars/JarsPage.tsx'));
const Shelf = later(() => import('../features/shelf/ShelfPlaces.tsx'));
const KeepApart = later(() => import('../features/keepApart/KeepApart.tsx'));
const MayI = later(() => import('../features/keepApart/MayI.tsx'));
const Shelves = later(() => import('../features/places/Shelves.tsx'));
const ClientHomes = later(() => import('../features/book/clients/ClientHomes.tsx'));
const Log = later(() => import('../features/mishaps/Log.tsx'));
const TheBook = later(() => import('../features/book/rules/TheBook.tsx'));
const Records = later(() => import('../features/records/Records.tsx'));
const Trends = later(() => import('../features/trends/TrendsPage.tsx'));
const HouseRules = later(() => import('../features/houseRules/HouseRulesPage.tsx'));
const Beginning = later(() => import('../features/beginning/BeginningPage.tsx'));
const Team = later(() => import('../features/team/TeamPage.tsx'));
const Lists = later(() => import('../features/lists/ListsPage.tsx'));
const Own = later(() => import('../features/team/OwnPage.tsx'));
const Ways = later(() => import('../features/team/WaysPage.tsx'));
const JoinPage = later(() => import('../features/entrance/JoinPage.tsx'));
const Products = later(() => import('../features/stock/Products.tsx'));
const Sources = later(() => import('../features/sources/Sources.tsx'));
const Rounds = laterOnRound(() => import('../features/rounds/Rounds.tsx'));
const CheckPage = later(() => import('../features/check/CheckPage.tsx'));
const Emergency = laterOnRound(() => import('../features/emergency/Emergency.tsx'));
const Round = laterOnRound(() => import('../features/rounds/RoundPage.tsx'));

const fetchAtHand = async () => {
  const atHand = await import('../offline/atHand.ts');
  await atHand.fetchAtHand();
};

/**
 * The outbox is fetched only where something was ever kept; a browser that cannot tell is taken to
 * have.
 */
const resumeKept = async () => {
  const stores = await indexedDB.databases?.();
  if (stores && !stores.some(({ name }) => name === 'zymostat')) return;
  const { resume } = await import('../offline/outbox.ts');
  await resume();
};

/** What only supervisors may see. */
const supervisors = (
  <>
    <Route path="/board" element={<Today />} />
    <Route path="/board/week" element={<Week />} />
    <Route path="/board/week/:monday" element={<Week />} />
    <Route path="/homes" element={<Homes />} />
    <Route path="/homes/:homeId/:tab" element={<HomePage />} />
    <Route path="/homes/:homeId/:tab/:surfaceId" element={<HomePage />} />
    <Route path="/records" element={<Records />} />
    <Route path="/records/trends" element={<Trends />} />
    <Route path="/house-rules" element={<HouseRules />} />
    <Route path="/products" element={<Products />} />
    <Route path="/begin" element={<Beginning />} />
    <Route path="/people" element={<Team />} />
    <Route path="/lists" element={<Lists />} />
    <Route path="/company" element={<Ways />} />
  </>
);

/** What is seen without an account: a client’s check, and coming in by a code. */
const open: Record<string, ReactNode> = { '/check': <CheckPage />, '/join': <JoinPage /> };

export const App = () => {
  const { pathname } = useLocation();
  if (!(pathname in open)) return <ForPeople />;
  return (
    <WayOn>
      <Suspense>{open[pathname]}</Suspense>
    </WayOn>
  );
};

/** Where somebody begins: on the way to the first round, where there was none. */
const startOf = ({ person, company }: Me): string => {
  if (person.role === 'cleaner') return '/rounds';
  return company.begun ? '/homes' : '/begin';
};

/** What happens as soon as somebody is known. */
const useWelcome = (me: Me | undefined): void => {
  // What was done without signal is sent from wherever the application is opened again.
  const personId = me?.person.id;
  const companyUnits = me?.company.units;
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (companyUnits) dispatch(units.actions.ofCompany(companyUnits));
  }, [companyUnits, dispatch]);
  useEffect(() => {
    if (!personId) return;
    void resumeKept();
    whenTaken(() => void fetchAtHand());
  }, [personId]);
};

const ForPeople = () => {
  const { data: me, error, isLoading } = useMeQuery();
  useWelcome(me);
  if (isLoading) return null;
  if (error && problemOf(error).status !== 401)
    return (
      <main className="p-6">
        <WentWrong error={error} />
      </main>
    );
  if (!me || error)
    return (
      <Suspense>
        <Entrance />
      </Suspense>
    );
  const { language } = me.person;
  if (!language) return <LanguageChoice />;
  if (language !== w.language) {
    changeLanguage(language);
    return null;
  }
  const supervisor = me.person.role === 'supervisor';
  return (
    <WayOn>
      <Suspense fallback={<Waiting what={w.name('shell', 'thePage')} />}>
        <Routes>
          <Route path="/rounds/:roundId" element={<Round />} />
          <Route path="/emergency" element={<Emergency />} />
          <Route element={<Shell me={me} />}>
            {supervisor && supervisors}
            <Route path="/me" element={<Own />} />
            <Route path="/sources" element={<Sources />} />
            <Route path="/rounds" element={<Rounds />} />
            <Route path="/bench" element={<Bench />} />
            <Route path="/bench/analyse" element={<Analyse />} />
            <Route path="/bench/jars" element={<JarsPage />} />
            <Route path="/bench/bottles" element={<Bottles />} />
            <Route path="/shelf/*" element={<Shelf />} />
            <Route path="/keep-apart" element={<KeepApart />} />
            <Route path="/keep-apart/may-i" element={<MayI />} />
            <Route path="/keep-apart/shelves" element={<Shelves />} />
            <Route path="/keep-apart/log" element={<Log />} />
            <Route path="/keep-apart/book" element={<TheBook />} />
            {supervisor && <Route path="/keep-apart/homes" element={<ClientHomes />} />}
            <Route path="*" element={<Navigate to={startOf(me)} replace />} />
          </Route>
        </Routes>
      </Suspense>
    </WayOn>
  );
};
