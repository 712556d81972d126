import { useEffect } from 'react';
import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { listCameras } from '../../../camera/browser/openTrack';
import { useStore } from '../../../state/store';
import { fieldStore } from './fieldState';

const camerasQuery = queryOptions({ queryKey: ['cameras'], queryFn: listCameras });

/**
 * The cameras of this device; asked anew when one comes or goes, and once a camera has been
 * allowed.
 */
export function useCameras() {
  const queries = useQueryClient();
  const opened = useStore(fieldStore, (s) => s.opened);
  useEffect(() => {
    const refresh = (): void => void queries.invalidateQueries(camerasQuery);
    refresh();
    const { mediaDevices } = navigator;
    mediaDevices?.addEventListener?.('devicechange', refresh);
    return () => mediaDevices?.removeEventListener?.('devicechange', refresh);
  }, [queries, opened]);
  return useQuery(camerasQuery).data ?? [];
}
