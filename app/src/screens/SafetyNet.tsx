import { Component, type ReactNode } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { endEarlyLiveUnless } from '../camera/simulated/live/liveWorker';
import { Button } from '../instruments/Button';
import { COLOUR, FONT, typePx } from '../theme/theme';
import { UnsavedLine } from './roll/arriving/UnsavedLine';

/** Catches what no screen caught: offers the frames that only this page has, and the way back. */
export class SafetyNet extends Component<
  { readonly children: ReactNode },
  { readonly error: Error | null }
> {
  override state = { error: null as Error | null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  /** What was begun for Field must not lie over what is said here. */
  override componentDidCatch(): void {
    endEarlyLiveUnless(false);
  }

  override render() {
    const { error } = this.state;
    return error ? <ErrorScreen error={error} /> : this.props.children;
  }
}

function ErrorScreen({ error }: { error: Error }) {
  return (
    <View style={styles.screen} role="main">
      <UnsavedLine />
      <Text style={styles.text} role="alert">
        Something in Velmo went wrong ({error.message.slice(0, 200)}). Frames that are stored are
        not touched by it.
      </Text>
      <Button label="Back to Field" onPress={() => location.assign('/')} />
    </View>
  );
}

const styles = StyleSheet.create({
  screen: {
    flex: 1,
    backgroundColor: COLOUR.body,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 16,
    padding: 24,
  },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(17),
    lineHeight: typePx(23),
    color: COLOUR.light,
  },
});
