import { BarlowSemiCondensed_400Regular } from '@expo-google-fonts/barlow-semi-condensed/400Regular';
import { BarlowSemiCondensed_500Medium } from '@expo-google-fonts/barlow-semi-condensed/500Medium';
import { BarlowSemiCondensed_600SemiBold } from '@expo-google-fonts/barlow-semi-condensed/600SemiBold';
import { useFonts } from 'expo-font';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Stack } from 'expo-router';
import { useEffect } from 'react';
import { SafetyNet } from '../screens/SafetyNet';
import { useFrameAdded, useOtherTabs } from '../storage/frameQueries';
import { whenUnsavedStored } from '../storage/unsaved';
import { COLOUR } from '../theme/theme';

const queryClient = new QueryClient({
  // Records live on this device: they change only when we change them.
  defaultOptions: { queries: { staleTime: Infinity, retry: false, networkMode: 'always' } },
});

export default function Layout() {
  // Text shows in the fallback face until the fonts are there: the light does not wait.
  useFonts({
    BarlowSemiCondensed_400Regular,
    BarlowSemiCondensed_500Medium,
    BarlowSemiCondensed_600SemiBold,
  });
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
