import fc from 'fast-check';
import {
  DEFAULT_NAMING,
  freeStem,
  safeStem,
  stemOf,
  unknownParts,
  type NameFacts,
} from '../../src/storage/fileNames';

const facts: NameFacts = {
  epochMs: Date.UTC(2026, 10, 23, 22, 5, 12, 7),
  offsetMinutes: 120,
  place: 'pans-at-noon',
  time: '1-500s',
  iso: '100',
};
const named = (pattern: string, roll = 'salt-works'): string =>
  stemOf({ pattern, roll, count: 7 }, facts);

describe('names from a pattern', () => {
  test('every part stands for what it says, in local time', () => {
    expect(named(DEFAULT_NAMING.pattern)).toBe('salt-works-20261124-0007');
    expect(named('{date}_{time}')).toBe('20261124_000512-007');
    expect(named('{place} {shutter} iso{iso} {count}')).toBe('pans-at-noon-1-500s-iso100-0007');
  });
  test('a misspelt part is kept as a word, and told', () => {
    expect(named('{rol}-{count}')).toBe('rol-0007');
    expect(unknownParts('{rol}-{count}-{}')).toEqual(['rol', '']);
    expect(unknownParts(DEFAULT_NAMING.pattern)).toEqual([]);
  });
  test.each([
    ['a/b\\c:d*e?f"g<h>i|j', 'a-b-c-d-e-f-g-h-i-j'],
    ['  spaces and\ttabs ', 'spaces-and-tabs'],
    ['...', 'frame'],
    ['', 'frame'],
    ['CON', '_CON'],
    ['lpt1.x', '_lpt1.x'],
    ['trailing dot.', 'trailing-dot'],
    ['Ö\u0308', 'Ö\u0308'.normalize('NFC')],
  ])('%j becomes %j', (text, safe) => expect(safeStem(text)).toBe(safe));
  test('whatever is typed, the name is one that every file system takes', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), fc.string(), (pattern, roll) => {
        const stem = named(pattern, roll);

        expect(stem).not.toMatch(/[<>:"/\\|?*\u0000-\u001f]|^[. ]|[. ]$/);
        expect(stem).not.toMatch(/^(con|prn|aux|nul|com\d|lpt\d)(\.|$)/i);
        const bytes = new TextEncoder().encode(`${stem}.dng`).length;
        expect(stem.length).toBeGreaterThan(0);
        expect(bytes).toBeLessThanOrEqual(128);
      }),
    );
  });
  test('a name that is taken is never given again', () => {
    const taken = new Set<string>();
    for (let i = 0; i < 5; i++) taken.add(freeStem('Salt', taken).toLowerCase());
    expect([...taken]).toEqual(['salt', 'salt-2', 'salt-3', 'salt-4', 'salt-5']);
    expect(freeStem('SALT', taken)).toBe('SALT-6');
  });
});
