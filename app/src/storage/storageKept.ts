import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

/** Asked anew with each frame stored: the browser is asked for the promise with the first. */
export const KEPT_KEY = ['storage', 'kept'];

/** Whether the browser has promised to keep this site's storage; null: it does not tell. */
export const useStorageKept = () =>
  useQuery({
    queryKey: KEPT_KEY,
    queryFn: async () => (await navigator.storage?.persisted?.()) ?? null,
  });

/** Asks it for that promise. */
export function useAskToKeep() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async () => (await navigator.storage?.persist?.()) ?? false,
    onSuccess: (kept) => client.setQueryData(KEPT_KEY, kept),
  });
}
