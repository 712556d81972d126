import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useFrames } from '../../storage/frames/frameQueries';
import type { CombineRecipe } from '../../storage/frames/frameRecord';
import { combinedWords, exposureWords } from '../../storage/frames/frameWords';
import { COLOUR, FONT, typePx } from '../../theme/theme';

interface MadeOfProps {
  readonly id: string;
  readonly recipe: CombineRecipe;
}

/** More than these are not listed one by one. */
const MAX_LISTED = 12;

/** The frames a combined one was made of, each a way to it, and the way to make it again. */
export function MadeOf({ id, recipe }: MadeOfProps) {
  const router = useRouter();
  const listed = recipe.sources.slice(0, MAX_LISTED);
  const frames = useFrames(listed);
  const missing = frames.filter(({ data, isPending }) => !isPending && !data).length;
  const more = recipe.sources.length - listed.length;
  return (
    <View role="group" aria-label="Made of" style={styles.group}>
      <Text style={styles.words}>
        {`Made of ${combinedWords(recipe)}.`}
        {missing > 0 && ` ${missing} of them are not on this device any more.`}
      </Text>
      <View style={styles.sources}>
        {frames.map(
          ({ data }, i) =>
            data && (
              <Button
                key={listed[i]}
                label={exposureWords(data.record)}
                name={`Source ${i + 1}: ${exposureWords(data.record)}`}
                onPress={() => router.push({ pathname: '/frame/[id]', params: { id: listed[i] } })}
              />
            ),
        )}
        {more > 0 && <Text style={styles.words}>{`and ${more} more`}</Text>}
        <Button
          label="Combine again ..."
          onPress={() => router.push({ pathname: '/combine', params: { again: id } })}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 8 },
  sources: { flexDirection: 'row', flexWrap: 'wrap', gap: 6, alignItems: 'center' },
  words: {
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
});
