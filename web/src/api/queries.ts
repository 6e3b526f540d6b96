import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { api, ask } from './client';
import { withChanges } from './changes';
import type {
  FadeReference,
  LapHeatRequest,
  Plan,
  RunView,
  Schemas,
  SignRequest,
  SizingRequest,
} from './types';

/** One key and one fetch per resource, for hooks and invalidation alike. */
export const tests = () => queryOptions({ queryKey: ['tests'], queryFn: () => ask(api.GET('/api/tests')) });

/** Whether the demo's tests are here, asked again while they are still coming. */
export const demo = () =>
  queryOptions({
    queryKey: ['demo'],
    queryFn: () => ask(api.GET('/api/demo')),
    refetchInterval: (query) => (query.state.data?.filling ? 2000 : false),
  });

export const test = (id: string) =>
  queryOptions({
    queryKey: ['test', id],
    queryFn: () => ask(api.GET('/api/tests/{id}', { params: { path: { id } } })),
  });

export const comparison = (id: string, baseline: string | null, includeStruckOut: boolean) =>
  queryOptions({
    queryKey: ['test', id, 'comparison', baseline, includeStruckOut],
    queryFn: () =>
      ask(
        api.GET('/api/tests/{id}/comparison', {
          params: { path: { id }, query: { includeStruckOut, ...(baseline && { baseline }) } },
        }),
      ),
  });

/** A test phase by phase, with the limits entered for it. */
export const assessment = (id: string) =>
  queryOptions({
    queryKey: ['test', id, 'assessment'],
    queryFn: () => ask(api.GET('/api/tests/{id}/assessment', { params: { path: { id } } })),
  });

export const trace = (testId: string, stopId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'trace', stopId],
    queryFn: () => ask(api.GET('/api/stops/{id}/trace', { params: { path: { id: stopId } } })),
  });

/** As fine as a log is: what a hand moves between is not worth another look. */
const moment = (s: number) => Math.round(s * 1e4) / 1e4;

export const triedEdges = (testId: string, stopId: string, onsetS: number | null, endS: number | null) =>
  queryOptions({
    queryKey: ['test', testId, 'edges', stopId, onsetS, endS],
    queryFn: () =>
      ask(
        api.GET('/api/stops/{id}/edges', {
          params: {
            path: { id: stopId },
            query: {
              ...(onsetS !== null && { onsetS: moment(onsetS) }),
              ...(endS !== null && { endS: moment(endS) }),
            },
          },
        }),
      ),
    enabled: onsetS !== null || endS !== null,
  });

export const sheetForm = () =>
  queryOptions({
    queryKey: ['sheet', 'form'],
    queryFn: () => ask(api.GET('/api/sheet/form')),
    staleTime: Infinity,
  });

/** What a table says as it stands; asked anew whenever it changes. */
export const sheetReading = (request: Schemas['ReadRequest']) =>
  queryOptions({
    queryKey: ['sheet', 'reading', request],
    queryFn: () => ask(api.POST('/api/sheet/reading', { body: request })),
    gcTime: 0,
  });

export const vehicles = () =>
  queryOptions({ queryKey: ['vehicles'], queryFn: () => ask(api.GET('/api/vehicles')) });

export const configurations = (vehicleId: string) =>
  queryOptions({
    queryKey: ['vehicles', vehicleId, 'configurations'],
    queryFn: () => ask(api.GET('/api/vehicles/{id}/configurations', { params: { path: { id: vehicleId } } })),
  });

export const garageForm = () =>
  queryOptions({
    queryKey: ['garage', 'form'],
    queryFn: () => ask(api.GET('/api/garage/form')),
    staleTime: Infinity,
  });

export const difference = (a: string, b: string) =>
  queryOptions({
    queryKey: ['vehicles', 'difference', a, b],
    queryFn: () => ask(api.GET('/api/configurations/{a}/difference/{b}', { params: { path: { a, b } } })),
    enabled: a !== b,
  });

export const procedures = () =>
  queryOptions({ queryKey: ['procedures'], queryFn: () => ask(api.GET('/api/procedures')) });

export const lanes = () => queryOptions({ queryKey: ['lanes'], queryFn: () => ask(api.GET('/api/lanes')) });

export const plan = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'plan'],
    queryFn: () => ask(api.GET('/api/tests/{id}/plan', { params: { path: { id: testId } } })),
  });

export const forecast = (testId: string, tried: Plan) =>
  queryOptions({
    queryKey: ['test', testId, 'forecast', tried],
    queryFn: () => ask(api.POST('/api/plans/forecast', { body: tried })),
  });

export const planForm = () =>
  queryOptions({
    queryKey: ['plans', 'form'],
    queryFn: () => ask(api.GET('/api/plans/form')),
    staleTime: Infinity,
  });

export const lapHeat = (lap: LapHeatRequest) =>
  queryOptions({
    queryKey: ['plans', 'lap-heat', lap],
    queryFn: () => ask(api.POST('/api/plans/lap-heat', { body: lap })),
  });

export const outlook = (vehicleId: string, version: number, load: 'LADEN' | 'LIGHT') =>
  queryOptions({
    queryKey: ['vehicles', vehicleId, 'outlook', version, load],
    queryFn: () =>
      ask(api.GET('/api/vehicles/{id}/outlook', { params: { path: { id: vehicleId }, query: { load } } })),
  });

export const devices = () =>
  queryOptions({ queryKey: ['devices'], queryFn: () => ask(api.GET('/api/devices')), refetchInterval: 5000 });

export const lastReadings = (deviceId: string) =>
  queryOptions({
    queryKey: ['devices', deviceId, 'readings'],
    queryFn: () => ask(api.GET('/api/devices/{id}/readings', { params: { path: { id: deviceId } } })),
    refetchInterval: 5000,
  });

export const weather = () =>
  queryOptions({
    queryKey: ['weather'],
    queryFn: () => ask(api.GET('/api/weather')),
    refetchInterval: 15000,
  });

/** Who is signed in at this screen. */
export const session = () =>
  queryOptions({ queryKey: ['session'], queryFn: () => ask(api.GET('/api/session')) });

/** By what a phone knows this Frenum. */
export const trust = () =>
  queryOptions({ queryKey: ['trust'], queryFn: () => ask(api.GET('/api/session/trust')) });

/** Who there is. */
export const accounts = () =>
  queryOptions({ queryKey: ['accounts'], queryFn: () => ask(api.GET('/api/accounts')) });

/** Ways in without a password. */
export const passkeys = () =>
  queryOptions({ queryKey: ['passkeys'], queryFn: () => ask(api.GET('/api/passkeys')) });

/** The keys by which this Frenum signs, and signed. */
export const signingKeys = () =>
  queryOptions({ queryKey: ['signing-keys'], queryFn: () => ask(api.GET('/api/signing-keys')) });

/** How long raw samples are kept. */
export const retention = () =>
  queryOptions({ queryKey: ['retention'], queryFn: () => ask(api.GET('/api/retention')) });

/** What was changed, the newest first, page by page. */
export const changes = (asked: { test: string; who: string; what: string }) =>
  infiniteQueryOptions({
    queryKey: ['changes', asked],
    queryFn: ({ pageParam }) =>
      ask(
        api.GET('/api/changes', {
          params: {
            query: {
              ...(asked.test && { test: asked.test }),
              who: asked.who,
              what: asked.what,
              before: pageParam,
            },
          },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => (page.length === CHANGES_A_PAGE ? page.at(-1)?.id : undefined),
  });

const CHANGES_A_PAGE = 100;

/** Everybody who ever changed something. */
export const changePeople = () =>
  queryOptions({ queryKey: ['changes', 'people'], queryFn: () => ask(api.GET('/api/changes/people')) });

/** Where people are signed in. */
export const screens = () =>
  queryOptions({
    queryKey: ['screens'],
    queryFn: () => ask(api.GET('/api/screens')),
    refetchInterval: 5000,
  });

/** A run in progress; whoever watches is told of changes, and asks now and then in case they were not. */
export const run = (testId: string) =>
  queryOptions({
    queryKey: ['run', testId],
    queryFn: async ({ client, queryKey }) => {
      const known = client.getQueryData<RunView>(queryKey);
      const since = (n: number) =>
        ask(api.GET('/api/runs/{testId}', { params: { path: { testId }, query: { since: n } } }));
      const changes = await since(known?.events ?? 0);
      return withChanges(known, changes) ?? since(0);
    },
    refetchInterval: 4000,
    retry: false,
  });

export const photos = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'photos'],
    queryFn: () => ask(api.GET('/api/tests/{testId}/photos', { params: { path: { testId } } })),
  });

/** Other ways to look at the same stops, as it stands first. */
export const alternatives = (testId: string, r: SignRequest) =>
  queryOptions({
    queryKey: ['test', testId, 'alternatives', r],
    queryFn: () =>
      ask(
        api.GET('/api/tests/{id}/alternatives', {
          params: {
            path: { id: testId },
            query: {
              candidate: r.candidateId,
              includeStruckOut: r.includeStruckOut,
              ...(r.baselineId !== null && { baseline: r.baselineId }),
              ...(r.group !== null && { group: r.group }),
            },
          },
        }),
      ),
  });

/** The same two configurations on all days that they were driven. */
export const pooled = (testId: string, r: SignRequest) =>
  queryOptions({
    queryKey: ['test', testId, 'days', r.baselineId, r.candidateId],
    queryFn: () =>
      ask(
        api.GET('/api/tests/{id}/days', {
          params: {
            path: { id: testId },
            query: { candidate: r.candidateId, ...(r.baselineId !== null && { baseline: r.baselineId }) },
          },
        }),
      ),
  });

/** What each factor did over everything that was driven like this test. */
export const factors = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'factors'],
    queryFn: () => ask(api.GET('/api/tests/{id}/factors', { params: { path: { id: testId } } })),
  });

export const signedVerdicts = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'verdicts'],
    queryFn: () => ask(api.GET('/api/tests/{id}/verdicts', { params: { path: { id: testId } } })),
  });

/** How pressure and force were shared; with a wanted share also which way to turn the adjuster. */
export const balance = (testId: string, wanted: number | null) =>
  queryOptions({
    queryKey: ['test', testId, 'balance', wanted],
    queryFn: () =>
      ask(
        api.GET('/api/tests/{id}/balance', {
          params: { path: { id: testId }, query: { ...(wanted !== null && { wanted }) } },
        }),
      ),
  });

/** Two layouts of one vehicle beside each other. */
export const sizing = (vehicleId: string, request: SizingRequest) =>
  queryOptions({
    queryKey: ['vehicles', vehicleId, 'sizing', request],
    queryFn: () =>
      ask(api.POST('/api/vehicles/{id}/sizing', { params: { path: { id: vehicleId } }, body: request })),
    retry: false,
  });

export const trials = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'trials'],
    queryFn: () => ask(api.GET('/api/tests/{testId}/trials', { params: { path: { testId } } })),
  });

/** Distances that others gave, as they stand beside stops from a speed, m/s. */
export const marks = (testId: string, speed: number) =>
  queryOptions({
    queryKey: ['test', testId, 'marks', speed],
    queryFn: () =>
      ask(api.GET('/api/tests/{testId}/marks', { params: { path: { testId }, query: { speed } } })),
  });

export const tradeOffs = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'trade-offs'],
    queryFn: () => ask(api.GET('/api/tests/{testId}/trade-offs', { params: { path: { testId } } })),
  });

export const trialKinds = () =>
  queryOptions({
    queryKey: ['trials', 'kinds'],
    queryFn: () => ask(api.GET('/api/trials/kinds')),
    staleTime: Infinity,
  });

export const runHistory = (testId: string) =>
  queryOptions({
    queryKey: ['run', testId, 'history'],
    queryFn: () => ask(api.GET('/api/runs/{testId}/events', { params: { path: { testId } } })),
  });

export const fade = (testId: string, reference: FadeReference) =>
  queryOptions({
    queryKey: ['test', testId, 'fade', reference],
    queryFn: () =>
      ask(api.GET('/api/tests/{id}/fade', { params: { path: { id: testId }, query: { reference } } })),
  });

/** Bite and pedal over pressure, the reference stops against the last. */
export const curves = (testId: string, reference: FadeReference) =>
  queryOptions({
    queryKey: ['test', testId, 'fade', reference, 'curves'],
    queryFn: () =>
      ask(api.GET('/api/tests/{id}/fade/curves', { params: { path: { id: testId }, query: { reference } } })),
  });

export const judder = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'judder'],
    queryFn: () => ask(api.GET('/api/tests/{id}/judder', { params: { path: { id: testId } } })),
  });

export const heat = (testId: string, wantedTroughC: number | null) =>
  queryOptions({
    queryKey: ['test', testId, 'heat', wantedTroughC],
    queryFn: () =>
      ask(
        api.GET('/api/tests/{id}/heat', {
          params: { path: { id: testId }, query: wantedTroughC === null ? {} : { wantedTroughC } },
        }),
      ),
  });

export const laps = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'laps'],
    queryFn: () => ask(api.GET('/api/tests/{id}/laps', { params: { path: { id: testId } } })),
  });

export const discForm = () =>
  queryOptions({
    queryKey: ['discs', 'form'],
    queryFn: () => ask(api.GET('/api/discs/form')),
    staleTime: Infinity,
  });

export const ladders = () =>
  queryOptions({ queryKey: ['ladders'], queryFn: () => ask(api.GET('/api/ladders')) });

/** What can be entered, with bounds and units, as the core has them. */
export const forms = () =>
  queryOptions({
    queryKey: ['forms'],
    queryFn: () => ask(api.GET('/api/forms')),
    staleTime: Infinity,
    gcTime: Infinity,
  });
