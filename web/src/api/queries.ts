import { queryOptions } from '@tanstack/react-query';
import { get, post } from './client';
import type {
  Comparison,
  MeasuredStop,
  TestDetail,
  TestSummary,
  Trace,
  Vehicle,
  Configuration,
  Difference,
  Forecast,
  GarageForm,
  LaneView,
  Plan,
  PlanView,
  ProcedureView,
  Device,
  Fade,
  Judder,
  Heat,
  LapHeat,
  LastReading,
  LapHeatRequest,
  Outlook,
  Happened,
  Operator,
  RunView,
  Photo,
  PlanForm,
  Weather,
  DiscForm,
  DrivenLaps,
  Ladder,
} from './types';

/** One key and one fetch per resource, for hooks and invalidation alike. */
export const tests = () => queryOptions({ queryKey: ['tests'], queryFn: () => get<TestSummary[]>('/tests') });

export const test = (id: string) =>
  queryOptions({ queryKey: ['test', id], queryFn: () => get<TestDetail>(`/tests/${id}`) });

export const comparison = (id: string, baseline: string | null, includeStruckOut: boolean) =>
  queryOptions({
    queryKey: ['test', id, 'comparison', baseline, includeStruckOut],
    queryFn: () =>
      get<Comparison>(
        `/tests/${id}/comparison?includeStruckOut=${includeStruckOut}${baseline ? `&baseline=${baseline}` : ''}`,
      ),
  });

export const trace = (testId: string, stopId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'trace', stopId],
    queryFn: () => get<Trace>(`/stops/${stopId}/trace`),
  });

export const triedEdges = (testId: string, stopId: string, onsetS: number | null, endS: number | null) => {
  const edges = new URLSearchParams();
  if (onsetS !== null) edges.set('onsetS', onsetS.toFixed(4));
  if (endS !== null) edges.set('endS', endS.toFixed(4));
  return queryOptions({
    queryKey: ['test', testId, 'edges', stopId, onsetS, endS],
    queryFn: () => get<MeasuredStop>(`/stops/${stopId}/edges?${edges}`),
    enabled: onsetS !== null || endS !== null,
  });
};

export const vehicles = () =>
  queryOptions({ queryKey: ['vehicles'], queryFn: () => get<Vehicle[]>('/vehicles') });

export const configurations = (vehicleId: string) =>
  queryOptions({
    queryKey: ['vehicles', vehicleId, 'configurations'],
    queryFn: () => get<Configuration[]>(`/vehicles/${vehicleId}/configurations`),
  });

export const garageForm = () =>
  queryOptions({
    queryKey: ['garage', 'form'],
    queryFn: () => get<GarageForm>('/garage/form'),
    staleTime: Infinity,
  });

export const difference = (a: string, b: string) =>
  queryOptions({
    queryKey: ['vehicles', 'difference', a, b],
    queryFn: () => get<Difference>(`/configurations/${a}/difference/${b}`),
    enabled: a !== b,
  });

export const procedures = () =>
  queryOptions({ queryKey: ['procedures'], queryFn: () => get<ProcedureView[]>('/procedures') });

export const lanes = () => queryOptions({ queryKey: ['lanes'], queryFn: () => get<LaneView[]>('/lanes') });

export const plan = (testId: string) =>
  queryOptions({ queryKey: ['test', testId, 'plan'], queryFn: () => get<PlanView>(`/tests/${testId}/plan`) });

export const forecast = (testId: string, tried: Plan) =>
  queryOptions({
    queryKey: ['test', testId, 'forecast', tried],
    queryFn: () => post<Forecast>('/plans/forecast', tried),
  });

export const planForm = () =>
  queryOptions({
    queryKey: ['plans', 'form'],
    queryFn: () => get<PlanForm>('/plans/form'),
    staleTime: Infinity,
  });

export const lapHeat = (lap: LapHeatRequest) =>
  queryOptions({
    queryKey: ['plans', 'lap-heat', lap],
    queryFn: () => post<LapHeat>('/plans/lap-heat', lap),
  });

export const outlook = (vehicleId: string, version: number, load: 'LADEN' | 'LIGHT') =>
  queryOptions({
    queryKey: ['vehicles', vehicleId, 'outlook', version, load],
    queryFn: () => get<Outlook>(`/vehicles/${vehicleId}/outlook?load=${load}`),
  });

export const devices = () =>
  queryOptions({ queryKey: ['devices'], queryFn: () => get<Device[]>('/devices'), refetchInterval: 5000 });

export const lastReadings = (deviceId: string) =>
  queryOptions({
    queryKey: ['devices', deviceId, 'readings'],
    queryFn: () => get<LastReading[]>(`/devices/${deviceId}/readings`),
    refetchInterval: 5000,
  });

export const weather = () =>
  queryOptions({ queryKey: ['weather'], queryFn: () => get<Weather>('/weather'), refetchInterval: 15000 });

export const operators = () =>
  queryOptions({ queryKey: ['operators'], queryFn: () => get<Operator[]>('/operators') });

/** A run in progress; whoever watches is told of changes, and asks now and then in case they were not. */
export const run = (testId: string) =>
  queryOptions({
    queryKey: ['run', testId],
    queryFn: () => get<RunView>(`/runs/${testId}`),
    refetchInterval: 4000,
    retry: false,
  });

export const photos = (testId: string) =>
  queryOptions({
    queryKey: ['run', testId, 'photos'],
    queryFn: () => get<Photo[]>(`/runs/${testId}/photos`),
  });

export const runHistory = (testId: string) =>
  queryOptions({
    queryKey: ['run', testId, 'history'],
    queryFn: () => get<Happened[]>(`/runs/${testId}/events`),
  });

export const fade = (testId: string, reference: string) =>
  queryOptions({
    queryKey: ['test', testId, 'fade', reference],
    queryFn: () => get<Fade>(`/tests/${testId}/fade?reference=${reference}`),
  });

export const judder = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'judder'],
    queryFn: () => get<Judder>(`/tests/${testId}/judder`),
  });

export const heat = (testId: string, wantedTroughC: number | null) =>
  queryOptions({
    queryKey: ['test', testId, 'heat', wantedTroughC],
    queryFn: () =>
      get<Heat>(`/tests/${testId}/heat${wantedTroughC === null ? '' : `?wantedTroughC=${wantedTroughC}`}`),
  });

export const laps = (testId: string) =>
  queryOptions({
    queryKey: ['test', testId, 'laps'],
    queryFn: () => get<{ recordings: DrivenLaps[] }>(`/tests/${testId}/laps`),
  });

export const discForm = () =>
  queryOptions({
    queryKey: ['discs', 'form'],
    queryFn: () => get<DiscForm>('/discs/form'),
    staleTime: Infinity,
  });

export const ladders = () =>
  queryOptions({ queryKey: ['ladders'], queryFn: () => get<Ladder[]>('/ladders') });
