import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { Me } from '@zymostat/contract';
import { Suspense, useState } from 'react';
import { NavLink, Outlet, useNavigate } from 'react-router';
import { Waiting } from '../ui/parts.tsx';
import { LaterWindow } from '../ui/LaterWindow.tsx';
import { api } from './api.ts';
import { Mark } from './Mark.tsx';
import { NowStrip } from './NowStrip.tsx';
import { placesOf, type Place } from './places.ts';
import { useAppDispatch, useAppSelector } from './store.ts';
import { units } from './units.ts';
import { useKeys } from './useKeys.ts';
import { useLive } from './useLive.ts';

const Person = ({ me }: { me: Me }) => {
  const dispatch = useAppDispatch();
  const chosen = useAppSelector((state) => state.units);
  const [signOut] = api.useSignOutMutation();
  const navigate = useNavigate();
  const other = chosen === 'us' ? 'metric' : 'us';
  const leave = async () => {
    await signOut();
    location.assign('/');
  };
  return (
    <Menu>
      <MenuButton className="small cursor-pointer whitespace-nowrap min-h-11 md:min-h-8 text-left">
        <b className="font-semibold">{me.person.name}</b> <span className="soft">{me.company.name}</span>
      </MenuButton>
      <MenuItems anchor="bottom end" className="options min-w-60">
        <MenuItem><button className="options__one w-full text-left" onClick={() => dispatch(units.actions.chosen(other))}>Show {other === 'us' ? 'cups and spoons' : 'millilitres'}</button></MenuItem>
        {me.person.role === 'supervisor' && <MenuItem><button className="options__one w-full text-left" onClick={() => void navigate('/house-rules')}>House rules</button></MenuItem>}
        {me.person.role === 'supervisor' && <MenuItem><button className="options__one w-full text-left" onClick={() => void navigate('/products')}>Registered products</button></MenuItem>}
        <MenuItem><button className="options__one w-full text-left" onClick={leave}>Sign out</button></MenuItem>
      </MenuItems>
    </Menu>
  );
};

const KeyList = ({ places, open, onClose }: { places: Place[]; open: boolean; onClose: () => void }) => {
  const lines = [
    ...places.map(({ name }, i) => [String(i + 1), `go to ${name}`]),
    ['n', 'make a new one of what the place holds'],
    ['↑ ↓', 'walk through a list or a descent'],
    ['← →', 'open the room before or after'],
    ['Esc', 'leave a dialog'],
    ['?', 'this list'],
  ];
  return (
    <LaterWindow open={open} title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[64px_1fr] gap-y-2">
        {lines.map(([key, does]) => <div key={key} className="contents"><dt><span className="key">{key}</span></dt><dd>{does}</dd></div>)}
      </dl>
    </LaterWindow>
  );
};

/** The frame of every place: the top line, what is wet now, and the place itself. */
export const Shell = ({ me }: { me: Me }) => {
  const places = placesOf(me.person.role);
  const navigate = useNavigate();
  const [keysShown, showKeys] = useState(false);
  useLive();
  useKeys({ '?': () => showKeys(true), ...Object.fromEntries(places.map(({ path }, i) => [String(i + 1), () => void navigate(path)])) });
  return (
    <div className="desk">
      <header className="top">
        <NavLink className="mark" to="/"><Mark />Zymostat</NavLink>
        <nav className="places" aria-label="Places">
          {places.map(({ name, path }, i) => <NavLink key={path} to={path}>{name}<span aria-hidden="true">{i + 1}</span></NavLink>)}
        </nav>
        <div className="top__right"><Person me={me} /></div>
      </header>
      <NowStrip />
      <Suspense fallback={<main className="px-6"><Waiting what="the page" /></main>}><Outlet /></Suspense>
      <KeyList places={places} open={keysShown} onClose={() => showKeys(false)} />
    </div>
  );
};
