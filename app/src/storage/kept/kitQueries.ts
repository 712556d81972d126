import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Kit } from '@velmo/core/kits';
import { changeKits, loadKits, type IsKit } from './kits';

const KITS_KEY = ['kits'];

/** Whether a value is a kit; loaded when it is asked for. */
export async function kitCheck(): Promise<IsKit> {
  const { isValid } = await import('../validation');
  return (value): value is Kit => isValid<Kit>('kit', value);
}

/** The photographer's own kits. */
export const useKits = () =>
  useQuery({ queryKey: KITS_KEY, queryFn: async () => loadKits(await kitCheck()) });

/** Changes them; the list is read anew once they are kept. */
export function useChangeKits() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (change: (kits: readonly Kit[]) => readonly Kit[]) =>
      changeKits(change, await kitCheck()),
    onSettled: () => client.invalidateQueries({ queryKey: KITS_KEY }),
  });
}
