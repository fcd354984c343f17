import { useQueries, useQuery } from '@tanstack/react-query';
import { api, settle } from './client';
import { inLine } from './inLine';
import { keys } from './keys';

export const useWorth = (part: string) =>
  useQuery({
    queryKey: keys.worth(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/worth', { params: { path: { part } } })),
  });

export const useBeside = (part: string, question: string, answer: string) =>
  useQuery({
    queryKey: keys.beside(part, question, answer),
    enabled: answer !== '',
    queryFn: () =>
      settle(api.GET('/api/parts/{part}/beside/{question}/{answer}', { params: { path: { part, question, answer } } })),
  });

export const useAlternatives = (part: string, number: number) =>
  useQuery({
    queryKey: keys.alternatives(part, number),
    queryFn: () => settle(api.GET('/api/parts/{part}/alternatives', { params: { path: { part } } })),
  });

/** The other ways, question by question: what has come so far, and how many are still planned. */
export function useAnswers(part: string, number: number, questions: string[]) {
  return useQueries({
    queries: questions.map((question) => ({
      queryKey: keys.answers(part, number, question),
      queryFn: () =>
        inLine(() =>
          settle(api.GET('/api/parts/{part}/alternatives/{question}', { params: { path: { part, question } } })),
        ),
    })),
    combine: (asked) => ({
      answers: asked.flatMap((a) => a.data?.alternatives ?? []),
      open: asked.filter((a) => a.isPending).length,
    }),
  });
}
