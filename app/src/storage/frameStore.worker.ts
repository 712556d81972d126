import { exposeKept } from '../workers/exposeKept';
import {
  filesOfUnreadable,
  findFrame,
  forgetIds,
  listFrames,
  listSeries,
  removeFrames,
  storeFrame,
  sweepHalves,
} from './frameStore';

const api = {
  storeFrame,
  listFrames,
  findFrame,
  listSeries,
  removeFrames,
  filesOfUnreadable,
  sweepHalves,
  async forgetIds(): Promise<void> {
    forgetIds();
  },
};

export type FrameStoreApi = typeof api;
exposeKept(api);
