import type { Drill } from '../drill';
import { byHandAtDusk } from './byHandAtDusk';
import { flowingWater } from './flowingWater';
import { greyCard } from './greyCard';
import { inTheDoorway } from './inTheDoorway';
import { lampWithStructure } from './lampWithStructure';
import { lastClick } from './lastClick';
import { neutralCard } from './neutralCard';
import { noStripes } from './noStripes';
import { pickTheSharpest } from './pickTheSharpest';
import { shedAndDoor } from './shedAndDoor';
import { starsAsPoints } from './starsAsPoints';
import { stillWheel } from './stillWheel';
import { threeJars } from './threeJars';
import { whiteAndBlack } from './whiteAndBlack';
import { whiteHeap } from './whiteHeap';

/** The course, in the order in which one would learn. Nothing is locked. */
export const DRILLS: readonly Drill[] = [
  greyCard,
  whiteHeap,
  lastClick,
  whiteAndBlack,
  inTheDoorway,
  byHandAtDusk,
  stillWheel,
  flowingWater,
  lampWithStructure,
  starsAsPoints,
  noStripes,
  neutralCard,
  threeJars,
  shedAndDoor,
  pickTheSharpest,
];

/** Drill by id, or undefined. */
export const findDrill = (id: string): Drill | undefined => DRILLS.find((drill) => drill.id === id);
