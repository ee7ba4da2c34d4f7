import { w } from './words.ts';
import {
  createApi,
  fetchBaseQuery,
  type BaseQueryApi,
  type FetchArgs,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query/react';
import {
  routes,
  things,
  type Answer,
  type Body,
  type HomeDetail,
  type Problem,
  type RecordFilter,
  type RouteName,
} from '@zymostat/contract';
import { inTurn } from './inTurn.ts';

/** Makes a call of the contract's endpoint: its method and path, with the parameters put in. */
const call = (
  name: RouteName,
  {
    id,
    seen,
    ...rest
  }: {
    id?: string;
    body?: unknown;
    seen?: number;
    params?: Record<string, string | number | undefined>;
  } = {},
) => {
  const [method, path] = routes[name].split(' ') as [string, string];
  const headers = seen === undefined ? {} : { headers: { 'If-Match': `"${seen}"` } };
  return { url: path.replace(':id', encodeURIComponent(id ?? '')), method, ...headers, ...rest };
};

/** What the page filters records by; the wire carries it as text. */
export type Filter = Partial<Omit<RecordFilter, 'limit'>>;

type WithBody<N extends RouteName> = { id: string; body: Body<N> };

/**
 * A change of something in a home; `seen` is the revision that a form was opened with, else the one
 * that is shown.
 */
type OfHome = { id: string; homeId: string; seen?: number };
type Revised = Answer<'setSurface'>;
type Query = (
  args: FetchArgs,
) =>
  | PromiseLike<{ data?: unknown; error?: FetchBaseQueryError; meta?: FetchBaseQueryMeta }>
  | { data?: unknown; error?: FetchBaseQueryError };
type QueryReturnValue<T, E> = { data: T; error?: undefined } | { data?: undefined; error: E };

/**
 * Changes something in a home, one after the other, each by the revision that whoever presses has
 * before them.
 */
const change =
  (name: RouteName) =>
  async (
    { id, homeId, seen, body }: OfHome & { body?: unknown },
    { getState, dispatch }: BaseQueryApi,
    _: object,
    query: Query,
  ) =>
    inTurn(homeId, async (): Promise<QueryReturnValue<Revised, FetchBaseQueryError>> => {
      const shown = api.endpoints.home.select(homeId)(getState() as never).data?.revision ?? 0;
      const result = await query(
        call(name, { id, seen: seen ?? shown, ...(body === undefined ? {} : { body }) }),
      );
      if (result.error) return { error: result.error };
      const revised = result.data as Revised;
      // The next press builds on this one; what somebody else has done between is fetched before it
      // counts as seen.
      if (revised.revision === shown + 1)
        dispatch(
          api.util.updateQueryData(
            'home',
            homeId,
            (home: HomeDetail) => void (home.revision = revised.revision),
          ),
        );
      return { data: revised };
    });

export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({
    baseUrl: '/api',
    prepareHeaders: (headers) => headers.set('Accept-Language', w.language),
  }),
  tagTypes: things,
  endpoints: (build) => ({
    me: build.query<Answer<'me'>, void>({ query: () => call('me'), providesTags: ['Me'] }),
    signIn: build.mutation<Answer<'signIn'>, Body<'signIn'>>({
      query: (body) => call('signIn', { body }),
      invalidatesTags: (me) => (me ? ['Me'] : []),
    }),
    signOut: build.mutation<null, void>({ query: () => call('signOut') }),

    homes: build.query<Answer<'homes'>, void>({
      query: () => call('homes'),
      providesTags: ['Homes'],
    }),
    home: build.query<Answer<'home'>, string>({
      query: (id) => call('home', { id }),
      providesTags: ['Home'],
    }),
    addHome: build.mutation<Answer<'addHome'>, Body<'addHome'>>({
      query: (body) => call('addHome', { body }),
      invalidatesTags: ['Homes'],
    }),
    editHome: build.mutation<Revised, OfHome & WithBody<'editHome'>>({
      queryFn: change('editHome'),
      invalidatesTags: ['Homes', 'Home'],
    }),
    addRoom: build.mutation<Answer<'addRoom'>, WithBody<'addRoom'>>({
      query: ({ id, body }) => call('addRoom', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
    editRoom: build.mutation<Revised, OfHome & WithBody<'editRoom'>>({
      queryFn: change('editRoom'),
      invalidatesTags: ['Home'],
    }),
    removeRoom: build.mutation<Revised, OfHome>({
      queryFn: change('removeRoom'),
      invalidatesTags: ['Homes', 'Home'],
    }),
    addSurface: build.mutation<Answer<'addSurface'>, WithBody<'addSurface'>>({
      query: ({ id, body }) => call('addSurface', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
    editSurface: build.mutation<Revised, OfHome & WithBody<'editSurface'>>({
      queryFn: change('editSurface'),
      invalidatesTags: ['Home'],
    }),
    removeSurface: build.mutation<Revised, OfHome>({
      queryFn: change('removeSurface'),
      invalidatesTags: ['Homes', 'Home'],
    }),
    setSurface: build.mutation<Revised, OfHome & WithBody<'setSurface'>>({
      queryFn: change('setSurface'),
      invalidatesTags: ['Home'],
      // Shown at once, so that a second choice builds on the first and not on what stood before it.
      onQueryStarted: async ({ id, homeId, body }, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('home', homeId, (home) => {
            for (const room of home.rooms)
              for (const surface of room.surfaces)
                if (surface.id === id)
                  surface.setting = {
                    ...body,
                    lifts: body.lifts ?? false,
                    growth: body.growth ?? null,
                  };
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    setMany: build.mutation<Revised, OfHome & WithBody<'setMany'>>({
      queryFn: change('setMany'),
      invalidatesTags: ['Home'],
    }),
    importRooms: build.mutation<null, WithBody<'importRooms'>>({
      query: ({ id, body }) => call('importRooms', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
    ruleEffects: build.query<Answer<'ruleEffects'>, Body<'ruleEffects'>>({
      query: (body) => call('ruleEffects', { body }),
      providesTags: ['Home', 'Me'],
    }),
    setHouseRules: build.mutation<Answer<'setHouseRules'>, Body<'setHouseRules'>>({
      query: (body) => call('setHouseRules', { body }),
      invalidatesTags: ['Me', 'Home', 'Homes', 'Records'],
    }),
    version: build.query<Answer<'version'>, string>({ query: (id) => call('version', { id }) }),
    approve: build.mutation<Answer<'approve'>, { id: string; seen: number }>({
      query: ({ id, seen }) => call('approve', { id, seen, body: {} }),
      invalidatesTags: ['Homes', 'Home', 'Records'],
    }),

    stock: build.query<Answer<'stock'>, void>({
      query: () => call('stock'),
      providesTags: ['Stock'],
    }),
    batches: build.query<Answer<'batches'>, void>({
      query: () => call('batches'),
      providesTags: ['Batches'],
    }),
    pourBatch: build.mutation<Answer<'pourBatch'>, Body<'pourBatch'>>({
      query: (body) => call('pourBatch', { body }),
      invalidatesTags: ['Batches', 'Records'],
    }),
    addProduct: build.mutation<Answer<'addProduct'>, Body<'addProduct'>>({
      query: (body) => call('addProduct', { body }),
      invalidatesTags: ['Stock'],
    }),
    editProduct: build.mutation<Answer<'editProduct'>, WithBody<'editProduct'>>({
      query: ({ id, body }) => call('editProduct', { id, body }),
      invalidatesTags: ['Stock', 'Home'],
    }),
    checkBatch: build.mutation<Answer<'checkBatch'>, WithBody<'checkBatch'>>({
      query: ({ id, body }) => call('checkBatch', { id, body }),
      invalidatesTags: ['Batches', 'Records'],
    }),

    bottles: build.query<Answer<'bottles'>, void>({
      query: () => call('bottles'),
      providesTags: ['Bottles'],
    }),
    addBottle: build.mutation<Answer<'addBottle'>, Body<'addBottle'>>({
      query: (body) => call('addBottle', { body }),
      invalidatesTags: ['Bottles'],
    }),
    fillBottle: build.mutation<Answer<'fillBottle'>, WithBody<'fillBottle'>>({
      query: ({ id, body }) => call('fillBottle', { id, body }),
      invalidatesTags: ['Bottles', 'Records'],
    }),
    washBottle: build.mutation<Answer<'washBottle'>, WithBody<'washBottle'>>({
      query: ({ id, body }) => call('washBottle', { id, body }),
      invalidatesTags: ['Bottles', 'Records'],
    }),

    recipes: build.query<Answer<'recipes'>, void>({
      query: () => call('recipes'),
      providesTags: ['Recipes'],
    }),
    addRecipe: build.mutation<Answer<'addRecipe'>, Body<'addRecipe'>>({
      query: (body) => call('addRecipe', { body }),
      invalidatesTags: ['Recipes'],
    }),
    saveRecipe: build.mutation<Answer<'saveRecipe'>, WithBody<'saveRecipe'>>({
      query: ({ id, body }) => call('saveRecipe', { id, body }),
      invalidatesTags: ['Recipes'],
    }),

    tareScale: build.mutation<null, void>({ query: () => call('tareScale', { body: {} }) }),
    readMeter: build.mutation<Answer<'readMeter'>, void>({
      query: () => call('readMeter', { body: {} }),
    }),
    readStrip: build.mutation<Answer<'readStrip'>, void>({
      query: () => call('readStrip', { body: {} }),
    }),

    mishaps: build.query<Answer<'mishaps'>, void>({
      query: () => call('mishaps'),
      providesTags: ['Mishaps'],
    }),
    logMishap: build.mutation<Answer<'logMishap'>, Body<'logMishap'>>({
      query: (body) => call('logMishap', { body }),
      invalidatesTags: ['Mishaps', 'Records'],
    }),

    followUp: build.mutation<Answer<'followUp'>, WithBody<'followUp'>>({
      query: ({ id, body }) => call('followUp', { id, body }),
      invalidatesTags: ['Mishaps', 'Records'],
    }),

    book: build.query<Answer<'book'>, void>({ query: () => call('book'), providesTags: ['Book'] }),
    addRule: build.mutation<Answer<'addRule'>, Body<'addRule'>>({
      query: (body) => call('addRule', { body }),
      invalidatesTags: ['Book', 'Me', 'Home', 'Records'],
    }),
    withdrawRule: build.mutation<null, WithBody<'withdrawRule'>>({
      query: ({ id, body }) => call('withdrawRule', { id, body }),
      invalidatesTags: ['Book', 'Me', 'Home', 'Records'],
    }),
    readBook: build.mutation<null, Body<'readBook'>>({
      query: (body) => call('readBook', { body }),
      invalidatesTags: ['Book', 'Me', 'Records'],
    }),
    setLanguage: build.mutation<null, Body<'setLanguage'>>({
      query: (body) => call('setLanguage', { body }),
    }),
    setNumbers: build.mutation<null, Body<'setNumbers'>>({
      query: (body) => call('setNumbers', { body }),
      invalidatesTags: ['Me'],
    }),
    sources: build.query<Answer<'sources'>, void>({
      query: () => call('sources'),
      providesTags: ['Sources'],
    }),
    checkSource: build.mutation<null, Body<'checkSource'>>({
      query: (body) => call('checkSource', { body }),
      invalidatesTags: ['Sources', 'Records'],
    }),
    places: build.query<Answer<'places'>, void>({
      query: () => call('places'),
      providesTags: ['Places'],
    }),
    addPlace: build.mutation<Answer<'addPlace'>, Body<'addPlace'>>({
      query: (body) => call('addPlace', { body }),
      invalidatesTags: ['Places'],
    }),
    removePlace: build.mutation<null, string>({
      query: (id) => call('removePlace', { id }),
      invalidatesTags: ['Places'],
    }),
    putThing: build.mutation<Answer<'putThing'>, WithBody<'putThing'>>({
      query: ({ id, body }) => call('putThing', { id, body }),
      invalidatesTags: ['Places', 'Records'],
    }),
    takeThing: build.mutation<null, string>({
      query: (id) => call('takeThing', { id }),
      invalidatesTags: ['Places'],
    }),

    roundHomes: build.query<Answer<'roundHomes'>, void>({
      query: () => call('roundHomes'),
      providesTags: ['Homes'],
    }),
    rounds: build.query<Answer<'rounds'>, void>({
      query: () => call('rounds'),
      providesTags: ['Rounds'],
    }),
    round: build.query<Answer<'round'>, string>({
      query: (id) => call('round', { id }),
      providesTags: ['Round'],
    }),
    startRound: build.mutation<Answer<'startRound'>, Body<'startRound'>>({
      query: (body) => call('startRound', { body }),
      invalidatesTags: ['Rounds'],
    }),
    addEvent: build.mutation<Answer<'addEvent'>, WithBody<'addEvent'>>({
      query: ({ id, body }) => call('addEvent', { id, body }),
    }),
    finishRound: build.mutation<null, string>({
      query: (id) => call('finishRound', { id, body: {} }),
      invalidatesTags: ['Rounds', 'Round', 'WetNow'],
    }),
    wetNow: build.query<Answer<'wetNow'>, void>({
      query: () => call('wetNow'),
      providesTags: ['WetNow'],
    }),

    records: build.query<Answer<'records'>, Filter>({
      query: (filter) => call('records', { params: filter }),
      providesTags: ['Records'],
    }),
  }),
});

/** The problem document of a failed call; where none came, one that says so. */
export const problemOf = (error: unknown): Problem => {
  const { status, data } = (error ?? {}) as { status?: number | string; data?: Problem };
  if (data && typeof data === 'object' && 'title' in data) return data;
  return {
    type: '/problems/no-answer',
    title: w.name('shell', 'noAnswer'),
    status: typeof status === 'number' ? status : 0,
    detail: w.name('shell', 'serverSilent'),
  };
};
