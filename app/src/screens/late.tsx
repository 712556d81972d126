import { useEffect, useState, type ComponentType } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../instruments/Button';
import { COLOUR, FONT, typePx } from '../theme/theme';

/** A part of the page that is not in its first scripts. */
export interface Late<P> {
  (props: P): React.JSX.Element;
  /** Loads it ahead of need. What fails now is tried again when it is asked for. */
  warm(): Promise<void>;
}

/**
 * A component that is loaded ahead of need, or at the latest when it is shown: words and a way to
 * try again where it cannot be.
 *
 * @param load imports it
 * @param leave the way out where it cannot be loaded
 */
export function late<P extends object>(
  load: () => Promise<ComponentType<P>>,
  leave: () => void,
): Late<P> {
  let loaded: ComponentType<P> | null = null;
  const fetched = async (): Promise<void> => {
    loaded ??= await load();
  };

  function LatePart(props: P) {
    const [failed, setFailed] = useState(false);
    const [, setTries] = useState(0);
    const again = (): void => {
      setFailed(false);
      fetched().then(
        () => setTries((n) => n + 1),
        () => setFailed(true),
      );
    };
    useEffect(() => {
      if (!loaded) again();
    }, []);
    const Part = loaded;
    if (Part) return <Part {...props} />;
    return (
      <View style={styles.room} role="status">
        {failed ? (
          <>
            <Text style={styles.words}>
              This part of Velmo could not be loaded. Nothing is lost: check the connection.
            </Text>
            <Button label="Try again" onPress={again} />
            <Button label="Close" onPress={leave} />
          </>
        ) : (
          <Text style={styles.words}>Opening…</Text>
        )}
      </View>
    );
  }
  LatePart.warm = (): Promise<void> => fetched().catch(() => {});
  return LatePart;
}

const styles = StyleSheet.create({
  room: { flex: 1, alignItems: 'center', justifyContent: 'center', gap: 12, padding: 16 },
  words: {
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(22),
    color: COLOUR.lightSoft,
  },
});
