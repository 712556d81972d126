import equal from 'fast-deep-equal';
import type { Kit } from '@velmo/core/kits';

/** What becomes of the photographer's kits. */
export type KitChange = (kits: readonly Kit[]) => readonly Kit[];

/** One more, at the end. */
export const added =
  (kit: Kit): KitChange =>
  (kits) => [kit, ...kits];

/** Another in the place of the one with its id. */
export const replaced =
  (kit: Kit): KitChange =>
  (kits) =>
    kits.map((one) => (one.id === kit.id ? kit : one));

/** Without the one of this id. */
export const deleted =
  ({ id }: Kit): KitChange =>
  (kits) =>
    kits.filter((one) => one.id !== id);

/** One place up (-1) or down (1), where there is one. */
export const moved =
  ({ id }: Kit, by: -1 | 1): KitChange =>
  (kits) => {
    const from = kits.findIndex((one) => one.id === id);
    const to = from + by;
    if (from < 0 || to < 0 || to >= kits.length) return kits;
    const next = [...kits];
    [next[from], next[to]] = [next[to], next[from]];
    return next;
  };

const same = (a: Kit, b: Kit): boolean => equal({ ...a, id: '' }, { ...b, id: '' });

/** Kits of a file, after those there are; one that is there already is not taken twice. */
export const imported =
  (read: readonly Kit[], newId: () => string): KitChange =>
  (kits) => {
    const news = read.filter((kit) => !kits.some((one) => same(one, kit)));
    return [...kits, ...news.map((kit) => ({ ...kit, id: newId() }))];
  };
