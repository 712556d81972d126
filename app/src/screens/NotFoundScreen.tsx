import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../instruments/Button';
import { COLOUR, FONT, typePx } from '../theme/theme';

/** A link that leads nowhere. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <View style={styles.screen} role="main">
      <Text role="heading" style={styles.title}>
        There is nothing at this address.
      </Text>
      <Button label="Go to Field" onPress={() => router.replace('/')} />
    </View>
  );
}

const styles = StyleSheet.create({
  screen: {
    flex: 1,
    gap: 16,
    alignItems: 'center',
    justifyContent: 'center',
    backgroundColor: COLOUR.body,
  },
  title: { fontFamily: FONT.medium, fontSize: typePx(20), color: COLOUR.light },
});
