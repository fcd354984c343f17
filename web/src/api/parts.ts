import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { inLine } from './inLine';
import { keys, type Tools } from './keys';
import { useStale } from './stale';

export const useSurvey = (part: string) =>
  useQuery({
    queryKey: keys.survey(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/survey', { params: { path: { part } } })),
  });

export const useRoute = (part: string) =>
  useQuery({
    queryKey: keys.route(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/route', { params: { path: { part } } })),
  });

export const useMix = (part: string, tools: Tools) =>
  useQuery({
    queryKey: keys.mix(part, tools),
    queryFn: () => settle(api.GET('/api/parts/{part}/mix', { params: { path: { part }, query: tools } })),
    placeholderData: (before) => before,
  });

export const useCover = (part: string, step: string) =>
  useQuery({
    queryKey: keys.cover(part, step),
    enabled: step !== '',
    queryFn: () => settle(api.GET('/api/parts/{part}/cover/{step}', { params: { path: { part, step } } })),
  });

export const usePour = (part: string, step: string, tools: Tools, poured: number, zero: number, on: boolean) =>
  useQuery({
    queryKey: keys.pour(part, step, tools, poured, zero),
    enabled: on,
    refetchInterval: 500,
    placeholderData: (before) => before,
    queryFn: () =>
      settle(
        api.GET('/api/parts/{part}/pour/{step}', {
          params: { path: { part, step }, query: { ...tools, poured: String(poured), zero: String(zero) } },
        }),
      ),
  });

export const useWindows = (part: string) =>
  useQuery({
    queryKey: keys.windows(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/windows', { params: { path: { part } } })),
    refetchInterval: 60_000,
  });

export const useRecord = (part: string) =>
  useQuery({
    queryKey: keys.record(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/record', { params: { path: { part } } })),
  });

export function useSaveSurvey(part: string) {
  const client = useQueryClient();
  const stale = useStale();
  return useMutation({
    mutationFn: (body: Schemas['SurveyBody']) =>
      settle(api.PUT('/api/parts/{part}/survey', { params: { path: { part } }, body })),
    onSuccess: async (view) => {
      client.setQueryData(keys.survey(part), view);
      await stale(part, ['survey']);
    },
  });
}

export function useSaveRoute(part: string) {
  const client = useQueryClient();
  const stale = useStale();
  const settled = async (view: Schemas['RouteView']) => {
    client.setQueryData(keys.route(part), view);
    await stale(part, ['route']);
  };
  const save = useMutation({
    mutationFn: (body: Schemas['RouteBody']) =>
      settle(api.PUT('/api/parts/{part}/route', { params: { path: { part } }, body })),
    onSuccess: settled,
    onError: () => stale(part),
  });
  const plan = useMutation({
    mutationFn: (wish: Schemas['PlanWish']) =>
      settle(api.POST('/api/parts/{part}/route/plan', { params: { path: { part } }, body: wish })),
    onSuccess: settled,
  });
  return { save, plan };
}

export const useMasking = (part: string) =>
  useQuery({
    queryKey: keys.masking(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/masking', { params: { path: { part } } })),
  });

/** What may be wanted of a part, and the films that lead there. */
export const usePartFilms = (part: string) =>
  useQuery({
    queryKey: keys.partFilms(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/films', { params: { path: { part } } })),
  });

/** One of these films planned through; they are worked out one after another. */
export const usePartFilm = (part: string, number: number, film: string) =>
  useQuery({
    queryKey: keys.partFilm(part, number, film),
    queryFn: () =>
      inLine(() => settle(api.GET('/api/parts/{part}/films/{film}', { params: { path: { part, film } } }))),
  });

export function useLog(part: string) {
  const stale = useStale();
  return useMutation({
    mutationFn: (body: Schemas['EntryBody']) =>
      settle(api.POST('/api/parts/{part}/log', { params: { path: { part } }, body })),
    onSuccess: () => stale(part),
  });
}
