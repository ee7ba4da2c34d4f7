import { draftNamed, dropDraft, keepDraft } from '../src/ui/drafts.ts';

/** A browser's storage, as far as drafts use it. */
const kept = new Map<string, string>();
const storage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
  removeItem: (key: string) => void kept.delete(key),
};
beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, { localStorage: storage });
});

test('what was typed is there again until it is done with, each under its own name', () => {
  keepDraft('home', { name: 'Hedda' });
  keepDraft('rule', { says: 'never' });
  expect(draftNamed('home')).toEqual({ name: 'Hedda' });
  dropDraft('home');
  expect([draftNamed('home'), draftNamed('rule')]).toEqual([null, { says: 'never' }]);
});

test.each(['{broken', 'null', ''])('%j in the storage is no draft, and breaks nothing', (text) => {
  kept.set('draft/home', text);
  expect(draftNamed('home')).toBeNull();
});
