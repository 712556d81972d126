import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Stack } from 'expo-router';
import { useEffect } from 'react';
import { keepOfflineWhenIdle } from '../engine/keptOffline';
import { startHandoff } from '../handoff/startHandoff';
import { announce } from '../screens/field/session/fieldState';
import { SafetyNet } from '../screens/SafetyNet';
import { useFrameAdded, useOtherTabs } from '../storage/frames/frameQueries';
import { whenUnsavedStored } from '../storage/unsaved';
import { COLOUR } from '../theme/theme';

const queryClient = new QueryClient({
  // Records live on this device: they change only when we change them.
  defaultOptions: { queries: { staleTime: Infinity, retry: false, networkMode: 'always' } },
});

/** What is round every screen: queries, plates, and a net for what goes wrong. */
export default function Layout() {
  useEffect(keepOfflineWhenIdle, []);
  useEffect(() => startHandoff(announce), []);
  return (
    <SafetyNet>
      <QueryClientProvider client={queryClient}>
        <Lists />
        <Stack
          screenOptions={{
            headerShown: false,
            animation: 'none',
            contentStyle: { backgroundColor: COLOUR.body },
          }}
        />
      </QueryClientProvider>
    </SafetyNet>
  );
}

/** Keeps lists of frames true, whatever screen is in front. */
function Lists(): null {
  const frameAdded = useFrameAdded();
  useEffect(() => whenUnsavedStored(frameAdded), [frameAdded]);
  useOtherTabs();
  return null;
}
