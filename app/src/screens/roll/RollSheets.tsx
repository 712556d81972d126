import { Sheet } from '../../instruments/Sheet';
import type { RollListing } from '../../storage/rolls/listing';
import type { RollView } from '../../storage/rolls/rollView';
import { RollRoom } from './RollRoom';
import { RollsSheet } from './RollsSheet';
import { WhichSheet } from './WhichSheet';

/** What lies over the roll. */
export type OpenRollSheet = 'rolls' | 'which' | 'room';

interface RollSheetsProps {
  readonly sheet: OpenRollSheet;
  readonly view: RollView;
  readonly listing: RollListing;
  readonly onView: (view: RollView) => void;
  readonly onOpen: (roll: string | null) => void;
  readonly onClose: () => void;
}

/** The sheet of a roll that is open. */
export function RollSheets({ sheet, view, listing, onView, onOpen, onClose }: RollSheetsProps) {
  if (sheet === 'rolls') return <RollsSheet open={view.roll} onOpen={onOpen} onClose={onClose} />;
  if (sheet === 'which')
    return <WhichSheet view={view} listing={listing} onView={onView} onClose={onClose} />;
  return (
    <Sheet title="Room" onClose={onClose}>
      <RollRoom view={view} listing={listing} onView={onView} />
    </Sheet>
  );
}
