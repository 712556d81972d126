import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Sheet } from '../../instruments/Sheet';
import { useStore } from '../../state/store';
import type { RollSummary } from '../../storage/rolls/catalogue';
import { currentRollStore, setCurrentRoll } from '../../storage/rolls/currentRoll';
import { useDecide, useDeleteRoll, useRolls } from '../../storage/rolls/rollQueries';
import { MAX_ROLL_NAME } from '../../storage/rolls/rollRecord';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { bytesWords } from '../field/words/seriesWords';
import { NameField } from './NameField';
import { NewRoll } from './NewRoll';
import { framesWords } from './rollWords';

interface RollsSheetProps {
  /** The roll that is open; null: all frames. */
  readonly open: string | null;
  readonly onOpen: (roll: string | null) => void;
  readonly onClose: () => void;
}

/** All rolls: to be opened, made, renamed, deleted, and to take pictures into. */
export function RollsSheet({ open, onOpen, onClose }: RollsSheetProps) {
  const { data: rolls = [] } = useRolls();
  const [making, setMaking] = useState(false);
  const all = rolls.reduce(
    (sum, { whole }) => ({ frames: sum.frames + whole.frames, bytes: sum.bytes + whole.bytes }),
    { frames: 0, bytes: 0 },
  );
  return (
    <Sheet title="Rolls" onClose={onClose}>
      <View style={styles.roll}>
        <Button
          label="All frames"
          pressed={open === null}
          onPress={() => onOpen(null)}
          style={styles.name}
        />
        <Text style={styles.amount}>{amountWords(all.frames, all.bytes)}</Text>
      </View>
      {rolls.map((roll) => (
        <RollLine key={roll.id} roll={roll} isOpen={open === roll.id} onOpen={onOpen} />
      ))}
      {making ? (
        <NewRoll
          onMade={({ id, name }) => {
            setMaking(false);
            setCurrentRoll({ id, name });
            onOpen(id);
          }}
        />
      ) : (
        <View style={styles.actions}>
          <Button label="New roll ..." onPress={() => setMaking(true)} />
        </View>
      )}
    </Sheet>
  );
}

const amountWords = (frames: number, bytes: number): string =>
  frames === 0 ? 'empty' : `${framesWords(frames)} · ${bytesWords(bytes)}`;

interface RollLineProps {
  readonly roll: RollSummary;
  readonly isOpen: boolean;
  readonly onOpen: (roll: string) => void;
}

function RollLine({ roll, isOpen, onOpen }: RollLineProps) {
  const current = useStore(currentRollStore, ({ id }) => id === roll.id);
  const [doing, setDoing] = useState<'rename' | 'delete' | null>(null);
  const { id, name, whole } = roll;
  return (
    <View style={styles.line} role="group" aria-label={`Roll ${name}`}>
      <View style={styles.roll}>
        <Button label={name} pressed={isOpen} onPress={() => onOpen(id)} style={styles.name} />
        <Text style={styles.amount}>{amountWords(whole.frames, whole.bytes)}</Text>
      </View>
      <View style={styles.actions}>
        {current ? (
          <Text style={styles.current}>Field exposes into it</Text>
        ) : (
          <Button
            quiet
            label="Expose into it"
            name={`Expose into ${name}`}
            onPress={() => setCurrentRoll({ id, name })}
          />
        )}
        {id !== '' && (
          <>
            <Button
              quiet
              label="Rename"
              name={`Rename ${name}`}
              onPress={() => setDoing(doing === 'rename' ? null : 'rename')}
            />
            <Button
              quiet
              label="Delete roll"
              name={`Delete roll ${name}`}
              onPress={() => setDoing(doing === 'delete' ? null : 'delete')}
            />
          </>
        )}
      </View>
      {doing === 'rename' && <Renaming roll={roll} onDone={() => setDoing(null)} />}
      {doing === 'delete' && <Deleting roll={roll} onDone={() => setDoing(null)} />}
    </View>
  );
}

interface DoingProps {
  readonly roll: RollSummary;
  readonly onDone: () => void;
}

function Renaming({ roll: { id, name, lastAt }, onDone }: DoingProps) {
  const { mutate } = useDecide();
  const rename = (next: string): void => {
    const roll = { version: 1, id, name: next, madeAt: lastAt } as const;
    const change = { frames: [], rolls: [{ id, roll }] };
    mutate({ words: `Roll ${name} renamed`, change });
    onDone();
  };
  return (
    <NameField
      label="Roll’s name"
      action="Rename"
      most={MAX_ROLL_NAME}
      name={name}
      onName={rename}
    />
  );
}

function Deleting({ roll: { id, name, whole }, onDone }: DoingProps) {
  const { mutate } = useDeleteRoll();
  const remove = (drops: boolean): void => {
    mutate({ id, name, drops });
    onDone();
  };
  if (whole.frames === 0)
    return (
      <View style={styles.actions}>
        <Text style={styles.amount}>There is nothing in it.</Text>
        <Button label="Delete it" onPress={() => remove(false)} />
      </View>
    );
  return (
    <View style={styles.actions}>
      <Text style={styles.amount}>
        Its {framesWords(whole.frames)} stay on this device, loose, or are dropped with it.
      </Text>
      <Button label="Keep the frames" onPress={() => remove(false)} />
      <Button label="Drop the frames" onPress={() => remove(true)} />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { gap: 2, borderTopWidth: 1, borderTopColor: COLOUR.line, paddingTop: 6 },
  roll: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  name: { flexShrink: 1, maxWidth: '60%' },
  amount: {
    flexShrink: 1,
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
    fontVariant: ['tabular-nums'],
  },
  current: {
    paddingHorizontal: 10,
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    color: COLOUR.light,
  },
  actions: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
});
