import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { comparedParams } from '../../compare/compared';
import type { DrillOutcome } from '../session/drilling';

const session = () => import('../../learn');

const WORDS: Readonly<Record<'judging' | 'pick', string>> = {
  judging: 'Judging by the light that was there ...',
  pick: 'Keep the sharpest of them in the roll, then have it judged.',
};

const wordsOf = (outcome: DrillOutcome): string =>
  outcome.kind === 'judged' || outcome.kind === 'refused' ? outcome.words : WORDS[outcome.kind];

/** In the verdict's place: what a try at a drill is worth, and what cost most. */
export function DrillVerdict({
  outcome,
  picks,
  height,
}: {
  readonly outcome: DrillOutcome;
  readonly picks: boolean;
  readonly height: number;
}) {
  const router = useRouter();
  const [isShowing, setShowing] = useState(false);
  const showBest = async (): Promise<void> => {
    setShowing(true);
    try {
      const ids = await (await session()).exposeBest();
      if (ids) router.push({ pathname: '/compare', params: comparedParams(ids) });
    } finally {
      setShowing(false);
    }
  };
  return (
    <View style={[styles.line, { height }]} testID="drill-verdict">
      <Text role="status" aria-live="polite" style={styles.text} numberOfLines={3}>
        {wordsOf(outcome)}
      </Text>
      {outcome.kind === 'judged' && !picks && (
        <Button
          label={isShowing ? 'Exposing ...' : 'Show the best'}
          disabled={isShowing}
          onPress={() => void showBest()}
        />
      )}
      {picks && outcome.kind !== 'judging' && outcome.kind !== 'judged' && (
        <>
          <Button label="Roll" onPress={() => router.push('/frames')} />
          <Button
            label="Judge"
            onPress={() => void session().then(({ judgePick }) => judgePick())}
          />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 6,
    paddingLeft: 10,
    backgroundColor: COLOUR.panel,
    borderRadius: 6,
    borderLeftWidth: 5,
    borderLeftColor: COLOUR.paper,
    overflow: 'hidden',
  },
  text: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(16),
    color: COLOUR.light,
  },
});
