import { useCallback } from 'react';
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

const topFinding = (): Finding | null => {
  const readings = readingsStore.get();
  return readings ? (findingsOf(readings, fieldStore.get().settings)[0] ?? null) : null;
};

/** The verdict of Field: renders again only when its words change. */
export function FieldVerdict() {
  const words = useStore(readingsStore, () => JSON.stringify(topFinding()));
  const canMove = useStore(fieldStore, (s) => s.capabilities?.time != null);
  const finding = JSON.parse(words) as Finding | null;
  const repair = useCallback(applyRepair, []);
  const shown = finding && !canMove ? { ...finding, repair: undefined } : finding;
  return <Verdict finding={shown} onRepair={repair} />;
}
