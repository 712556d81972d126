import type { Finding } from '@velmo/core/verdict';
import { Ladder, type LadderReading } from '../../instruments/Ladder';
import { Verdict } from '../../instruments/Verdict';
import { useStore } from '../../state/store';
import { applyRepair, changeExposure } from './fieldSession';
import { fieldStore, readingsStore } from './fieldState';
import { findingsOf, highlightText } from './readingsText';

/** Readings as the ladder wants them. */
function listenToReadings(listener: (reading: LadderReading) => void): () => void {
  const pass = (): void => {
    const readings = readingsStore.get();
    if (readings) listener(readings);
  };
  pass();
  return readingsStore.subscribe(pass);
}

const textOf = (): string => {
  const readings = readingsStore.get();
  return readings ? highlightText(readings) : 'no reading yet';
};

/** The ladder of Field: lives on the readings, moves the exposure. */
export function FieldLadder({ width, height }: { width: number; height: number }) {
  const clipStops = useStore(readingsStore, (r) => r?.clipStops ?? 2.96);
  const floorStops = useStore(readingsStore, (r) => Math.round((r?.floorStops ?? -8) * 20) / 20);
  const valueText = useStore(readingsStore, textOf);
  const nudge = useStore(fieldStore, (s) => s.capabilities?.time != null);
  return (
    <Ladder
      width={width}
      height={height}
      clipStops={clipStops}
      floorStops={floorStops}
      subscribe={listenToReadings}
      valueText={valueText}
      onNudge={nudge ? changeExposure : undefined}
    />
  );
}

let lastWords = 'null';

/**
 * The top finding as text, so that it can be compared. While a frame made with older settings is still on screen, what
 * was said before stands: rules must not mix the settings of one frame with the readings of another.
 */
function topFindingWords(): string {
  const readings = readingsStore.get();
  const { settings, applied } = fieldStore.get();
  if (!readings) lastWords = 'null';
  else if (readings.applied >= applied)
    lastWords = JSON.stringify(findingsOf(readings, settings)[0] ?? null);
  return lastWords;
}

/** The verdict of Field: renders again only when its words change. */
export function FieldVerdict() {
  const words = useStore(readingsStore, topFindingWords);
  const canMove = useStore(fieldStore, (s) => s.capabilities?.time != null);
  const finding = JSON.parse(words) as Finding | null;
  const shown = finding && !canMove ? { ...finding, repair: undefined } : finding;
  return <Verdict finding={shown} onRepair={applyRepair} />;
}
