import { closeSheet } from './field/session/fieldState';
import { late } from './late';

const goBack = (): void => history.back();

/** What the first picture does not need: sheets, and the screens of frames. */
export const OpenSheet = late(
  () => import('./field/sheets/OpenSheet').then((m) => m.OpenSheet),
  closeSheet,
);
export const RollScreen = late(() => import('./roll/RollScreen').then((m) => m.RollScreen), goBack);
export const FrameScreen = late(
  () => import('./frame/FrameScreen').then((m) => m.FrameScreen),
  goBack,
);

export const BestScreen = late(() => import('./best/BestScreen').then((m) => m.BestScreen), goBack);

export const CompareScreen = late(
  () => import('./compare/CompareScreen').then((m) => m.CompareScreen),
  goBack,
);

export const CombineScreen = late(
  () => import('./combine/CombineScreen').then((m) => m.CombineScreen),
  goBack,
);

export const DeliverScreen = late(
  () => import('./deliver/DeliverScreen').then((m) => m.DeliverScreen),
  goBack,
);

export const NotesScreen = late(() => import('./learn').then((m) => m.NotesScreen), goBack);

export const DrillsScreen = late(() => import('./learn').then((m) => m.DrillsScreen), goBack);

/** Not loaded ahead: it is the computer's, not the phone's. */
export const ReceivedScreen = late(
  () => import('./received/ReceivedScreen').then((m) => m.ReceivedScreen),
  goBack,
);

/** What is loaded ahead of need, in the order in which a day needs it. */
export const AHEAD = [
  OpenSheet,
  FrameScreen,
  RollScreen,
  BestScreen,
  CompareScreen,
  CombineScreen,
  DeliverScreen,
  NotesScreen,
  DrillsScreen,
].map(({ warm }) => warm);
