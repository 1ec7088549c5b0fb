import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { EndpointName } from '#contract';
import { refresh } from './request.ts';

/** Something is changed; whatever these endpoints answered is asked for again. */
export function useChange<V, R>(change: (input: V) => Promise<R>, ...touched: readonly EndpointName[]) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: () => refresh(queries, ...touched) });
}
