import { exposeKept } from '../../workers/exposeKept';
import { forgetIds } from './frameIds';
import { beginningOfRoll, findFrames, listSeries, newestFrames } from './frameLists';
import { removeFrames, restoreFrame, storeFrame, sweepHalves } from './frameStore';
import {
  applyChange,
  deleteRoll,
  droppedIn,
  forgetCatalogue,
  listRolls,
  listUnreadable,
  rollRecords,
  viewRoll,
} from '../rolls/catalogue';
import { filesOfUnreadable } from './unreadable';

const api = {
  storeFrame,
  restoreFrame,
  newestFrames,
  findFrames,
  listSeries,
  removeFrames,
  filesOfUnreadable,
  sweepHalves,
  beginningOfRoll,
  viewRoll,
  listRolls,
  listUnreadable,
  rollRecords,
  applyChange,
  deleteRoll,
  droppedIn,
  /** Another tab has changed what is there. */
  async forgetAll(): Promise<void> {
    forgetIds();
    forgetCatalogue();
  },
};

/** What the worker answers. */
export type FrameStoreApi = typeof api;
exposeKept(api);
