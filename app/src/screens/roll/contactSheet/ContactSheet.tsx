import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useRef } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import type { ListedStack } from '../../../storage/rolls/listing';
import { StackCell } from './StackCell';

interface ContactSheetProps {
  readonly stacks: readonly ListedStack[];
  /** Width to height of a cell's picture. */
  readonly aspect: number;
  readonly width: number;
  /** Ids of chosen frames; null while none are chosen. */
  readonly chosen: ReadonlySet<string> | null;
  /** Index of the stack that keys act on. */
  readonly cursor: number;
  readonly onCursor: (index: number) => void;
  readonly onPress: (index: number) => void;
}

/** Narrowest cell on a wide screen; a phone shows two, whatever their width. */
const MIN_CELL = 190;
const MIN_COLUMNS = 2;

/** Rows beyond the edge of the screen that are made ready. */
const ROWS_AHEAD = 3;

/** Steps of the arrow keys through a grid of so many columns. */
const STEPS: Readonly<Record<string, (columns: number) => number>> = {
  ArrowLeft: () => -1,
  ArrowRight: () => 1,
  ArrowUp: (columns) => -columns,
  ArrowDown: (columns) => columns,
};

/** Frames of a roll, as large as the screen allows; only those in sight are there. */
export function ContactSheet(props: ContactSheetProps) {
  const { stacks, aspect, width, chosen, cursor, onCursor, onPress } = props;
  const columns = Math.max(MIN_COLUMNS, Math.floor(width / MIN_CELL));
  const cellWidth = Math.floor(width / columns);
  const cellHeight = Math.round(cellWidth / aspect);
  const scroller = useRef<View>(null);
  const rows = Math.ceil(stacks.length / columns);
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is compiled
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => scroller.current as unknown as HTMLElement | null,
    estimateSize: useCallback(() => cellHeight, [cellHeight]),
    overscan: ROWS_AHEAD,
  });
  useEffect(() => virtual.measure(), [virtual, cellHeight]);

  /** Goes to a cell, which may have to be made first. */
  const wanted = useRef<number | null>(null);
  const focusWanted = (): void => {
    if (wanted.current === null) return;
    const host = scroller.current as unknown as HTMLElement;
    const cell = host.querySelector<HTMLElement>(`[data-cell="${wanted.current}"]`);
    if (!cell) return;
    wanted.current = null;
    cell.focus({ preventScroll: true });
  };
  useEffect(focusWanted);
  // A cell that was dropped takes the keys' place along: they go on from the one that came there.
  const keysAreHere = useRef(false);
  useEffect(() => {
    if (!keysAreHere.current || document.activeElement !== document.body) return;
    wanted.current = cursor;
    focusWanted();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- when frames have gone
  }, [stacks]);
  const onFocus = (): void => {
    keysAreHere.current = true;
  };
  const onBlur = (event: React.FocusEvent): void => {
    if (event.relatedTarget) keysAreHere.current = false;
  };
  const onKeyDown = (event: React.KeyboardEvent): void => {
    const step = STEPS[event.key]?.(columns);
    if (step === undefined || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    const next = Math.min(stacks.length - 1, Math.max(0, cursor + step));
    wanted.current = next;
    virtual.scrollToIndex(Math.floor(next / columns));
    onCursor(next);
    focusWanted();
  };

  return (
    <View
      ref={scroller}
      style={[styles.scroller, SCROLLS]}
      role="list"
      aria-label="Frames"
      testID="contact-sheet"
      {...({ onKeyDown, onFocus, onBlur } as object)}
    >
      <View style={{ height: virtual.getTotalSize(), width }}>
        {virtual.getVirtualItems().map((row) => (
          <View
            key={row.key}
            style={[styles.row, { height: cellHeight, transform: [{ translateY: row.start }] }]}
          >
            {stacks.slice(row.index * columns, (row.index + 1) * columns).map((stack, k) => (
              <View key={stack.ids[0]} role="listitem">
                <StackCell
                  stack={stack}
                  index={row.index * columns + k}
                  width={cellWidth}
                  height={cellHeight}
                  chosen={chosen && chosen.has(stack.ids[0])}
                  onPress={onPress}
                  onReached={onCursor}
                  first={row.index * columns + k === cursor}
                />
              </View>
            ))}
          </View>
        ))}
      </View>
    </View>
  );
}

const SCROLLS = {
  overflowY: 'auto',
  overflowX: 'hidden',
  contain: 'strict',
} as unknown as ViewStyle;

const styles = StyleSheet.create({
  scroller: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  row: { position: 'absolute', left: 0, top: 0, flexDirection: 'row' },
});
