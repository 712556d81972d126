import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { Sheet } from '../../instruments/Sheet';
import type { RollListing } from '../../storage/rolls/listing';
import {
  FACETS,
  isNarrowed,
  ORDERS,
  SHOWN_CHOICES,
  wholeRoll,
  type Facet,
  type RollView,
} from '../../storage/rolls/rollView';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { facetValueWords, FACET_WORDS, ORDER_WORDS, SHOWN_WORDS } from './rollWords';

interface WhichSheetProps {
  readonly view: RollView;
  readonly listing: RollListing;
  readonly onView: (view: RollView) => void;
  readonly onClose: () => void;
}

/** Values of a fact that are offered: those of the fewest frames are left to a search. */
const MAX_VALUES = 12;

/** Which frames of a roll are shown, and in which order. */
export function WhichSheet({ view, listing, onView, onClose }: WhichSheetProps) {
  const choose = (facet: Facet, value: string): void => {
    const next = view.facts[facet] === value ? undefined : value;
    onView({ ...view, facts: { ...view.facts, [facet]: next } });
  };
  return (
    <Sheet title="Which, in which order" onClose={onClose}>
      <Choice
        label="Order"
        options={ORDERS.map((value) => ({ value, label: ORDER_WORDS[value] }))}
        value={view.order}
        onChoose={(order) => onView({ ...view, order })}
      />
      <Choice
        label="Decided"
        options={SHOWN_CHOICES.map((value) => ({
          value,
          label: SHOWN_WORDS[value],
          name: value === 'all' ? 'all but what is dropped' : SHOWN_WORDS[value],
        }))}
        value={view.choice}
        onChoose={(choice) => onView({ ...view, choice })}
      />
      <View style={styles.row} role="group" aria-label="Faults">
        <Text style={styles.label}>Faults</Text>
        <Button
          label="clips"
          pressed={view.clips}
          onPress={() => onView({ ...view, clips: !view.clips })}
        />
        <Button
          label="shakes"
          pressed={view.shakes}
          onPress={() => onView({ ...view, shakes: !view.shakes })}
        />
      </View>
      {FACETS.map((facet) => {
        const values = listing.facets[facet].slice(0, MAX_VALUES);
        if (values.length < 2 && view.facts[facet] === undefined) return null;
        return (
          <View key={facet} style={styles.row} role="group" aria-label={FACET_WORDS[facet]}>
            <Text style={styles.label}>{FACET_WORDS[facet]}</Text>
            {values.map(({ value, frames }) => (
              <Button
                key={value}
                label={`${facetValueWords(facet, value)} · ${frames}`}
                pressed={view.facts[facet] === value}
                onPress={() => choose(facet, value)}
              />
            ))}
          </View>
        );
      })}
      {isNarrowed(view) && (
        <View style={styles.row}>
          <Button
            label="Show all"
            onPress={() => onView({ ...wholeRoll(view.roll), order: view.order })}
          />
        </View>
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  label: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft, minWidth: 52 },
});
