import { FIRST_SERIES } from '../../series/series';
import { clean, isoAtMost, tone, unclipped } from '../criteria/exposure';
import { neutralGrey } from '../criteria/neutral';
import { flowing, frozen, points, sharp, unstriped } from '../criteria/sharpness';
import type { Drill } from '../drill';
import {
  BENCH_CARD,
  BLACK_CARD,
  BOARDS,
  CARD_CORNER,
  DARK_SKY,
  DOORWAY,
  EVENING_SKY,
  FALLING_WATER,
  FAR_JAR,
  GLITTER,
  GREY_CARD,
  LANTERN,
  LEFT_JAR,
  NEAR_JAR,
  STONES,
  WATER,
  WHEEL,
  WHITE_CARD,
  WHITE_HEAP,
  YARD,
} from './places';

const HAND = { support: 'hand', series: FIRST_SERIES.single } as const;
const TRIPOD = { support: 'tripod', series: FIRST_SERIES.single } as const;
const ISO_1600 = 12;
/** The "acceptable" SNR of ISO 12232's noise-based speed. */
const ACCEPTABLE_SNR = 10;

/** The course, in the order in which one would learn. Nothing is locked. */
export const DRILLS: readonly Drill[] = [
  {
    id: 'grey-card',
    title: 'The grey card',
    wish: 'The grey card stands exactly on mid-grey, by hand and sharp.',
    sceneId: 'test-wall',
    rig: HAND,
    criteria: [tone(GREY_CARD, 0), sharp(CARD_CORNER), clean(GREY_CARD)],
    note: 'subjects',
  },
  {
    id: 'white-heap',
    title: 'White as salt',
    wish: 'The white heap looks white: two stops over mid-grey, and nothing of it lost.',
    sceneId: 'pans-at-noon',
    rig: HAND,
    criteria: [tone(WHITE_HEAP, 2), unclipped(WHITE_HEAP), clean(WHITE_HEAP)],
    note: 'subjects',
  },
  {
    id: 'last-click',
    title: 'The last clean click',
    wish: 'All the light the raw can take: one click more, and the white heap would lose its texture.',
    sceneId: 'pans-at-noon',
    rig: HAND,
    criteria: [unclipped(WHITE_HEAP), clean(DOORWAY)],
    note: 'pushing-right',
  },
  {
    id: 'white-and-black',
    title: 'White and black',
    wish: 'The black card as clean as it can be, the white card beside it whole.',
    sceneId: 'test-wall',
    rig: TRIPOD,
    criteria: [unclipped(WHITE_CARD), clean(BLACK_CARD)],
    note: 'pushing-right',
  },
  {
    id: 'in-the-doorway',
    title: 'Into the doorway',
    wish: 'What is behind the dark doorway, two stops under mid-grey, by hand; the heaps may go.',
    sceneId: 'pans-at-noon',
    rig: HAND,
    criteria: [tone(DOORWAY, -2), clean(DOORWAY)],
    note: 'patterns',
  },
  {
    id: 'by-hand-at-dusk',
    title: 'By hand at dusk',
    wish: 'By hand after sunset: the stones sharp, the sky a stop over mid-grey, as clean as that allows.',
    sceneId: 'sluice-at-dusk',
    rig: HAND,
    criteria: [tone(EVENING_SKY, 1), sharp(STONES), clean(EVENING_SKY)],
    note: 'shake',
  },
  {
    id: 'still-wheel',
    title: 'The wheel stands still',
    wish: 'Freeze the turning wheel; the evening sky behind it stands on mid-grey.',
    sceneId: 'sluice-at-dusk',
    rig: TRIPOD,
    criteria: [frozen(WHEEL, 4), tone(EVENING_SKY, 0), clean(EVENING_SKY)],
    note: 'motion',
  },
  {
    id: 'flowing-water',
    title: 'The water flows',
    wish: 'Now let the water flow like cloth, and lose nothing of it; the stones as clean as can be.',
    sceneId: 'sluice-at-dusk',
    rig: TRIPOD,
    criteria: [flowing(WATER, 400), unclipped(FALLING_WATER), clean(STONES)],
    note: 'motion',
  },
  {
    id: 'lamp-with-structure',
    title: 'The lamp with its structure',
    wish: 'Every ring of the lamp’s glass, and its light on the water as clean as that allows.',
    sceneId: 'harbour-light',
    rig: TRIPOD,
    criteria: [unclipped(LANTERN), clean(GLITTER)],
    note: 'clipping',
  },
  {
    id: 'stars-as-points',
    title: 'Stars as points',
    wish: 'Stars as points in as clean a sky as can be, at no more than ISO 1600.',
    sceneId: 'stars-over-the-pans',
    rig: TRIPOD,
    criteria: [points, isoAtMost(ISO_1600), clean(DARK_SKY)],
    note: 'stars',
  },
  {
    id: 'no-stripes',
    title: 'Under the lamp',
    wish: 'The card under the lamp on mid-grey, by hand and sharp, without a stripe.',
    sceneId: 'packing-bench',
    rig: HAND,
    criteria: [unstriped, tone(BENCH_CARD, 0), sharp(BENCH_CARD), clean(BENCH_CARD)],
    note: 'lamps',
  },
  {
    id: 'neutral-card',
    title: 'Grey under a warm lamp',
    wish: 'The card on the bench is grey: it shall look neither yellow nor blue, and stand on mid-grey.',
    sceneId: 'packing-bench',
    rig: TRIPOD,
    criteria: [neutralGrey(BENCH_CARD), tone(BENCH_CARD, 0), clean(BENCH_CARD)],
    note: 'white',
  },
  {
    id: 'three-jars',
    title: 'Three jars sharp',
    wish: 'The near, the left and the far jar all as sharp as one frame can make them; the card on mid-grey.',
    sceneId: 'packing-bench',
    rig: TRIPOD,
    criteria: [
      sharp(NEAR_JAR),
      sharp(LEFT_JAR),
      sharp(FAR_JAR),
      tone(BENCH_CARD, 0),
      clean(BENCH_CARD),
    ],
    note: 'depth',
  },
  {
    id: 'shed-and-door',
    title: 'The shed and the door',
    wish: 'One bracket, of as few frames as do, that holds the yard behind the door and the boards inside.',
    sceneId: 'drying-shed',
    rig: { support: 'tripod', series: FIRST_SERIES.bracket },
    criteria: [unclipped(YARD), clean(BOARDS, ACCEPTABLE_SNR)],
    shares: true,
    note: 'brackets',
  },
  {
    id: 'pick-the-sharpest',
    title: 'Pick the sharpest',
    wish: 'Twenty frames by hand, longer than a hand holds: mark the one whose stones are sharpest.',
    sceneId: 'sluice-at-dusk',
    rig: { support: 'hand', series: { kind: 'burst', frames: 20 } },
    criteria: [sharp(STONES)],
    picks: true,
    note: 'shake',
  },
];

/** Drill by id, or undefined. */
export const findDrill = (id: string): Drill | undefined => DRILLS.find((drill) => drill.id === id);
