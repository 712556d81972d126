import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { LENSES } from '@velmo/core/optics';
import { DEFAULT_SETTINGS, settingsFromLink } from '@velmo/core/settings';
import { linkQuery } from '../../src/screens/field/session/link/linkQuery';
import { isValid } from '../../src/storage/validation';

const LENS_IDS = LENSES.map(({ id }) => id);

test('of a name given twice the last counts; names that objects have are only names', () => {
  expect(linkQuery({ time: ['1', '1/2'] }).time).toBe('1/2');
  expect(linkQuery({}).toString).toBeUndefined();
  expect(linkQuery({ time: [] }).time).toBeUndefined();
});

test('3,000 random and hostile links lead to settings that are settings', () => {
  const names = [
    'time',
    'iso',
    'comp',
    'lens',
    'focus',
    'white',
    'mp',
    'files',
    'aspect',
    'average',
    'toString',
    '__proto__',
    'x',
  ];
  const values = [
    '1/125',
    '-1',
    '1e999',
    'NaN',
    '',
    '%',
    '1/0',
    'auto',
    'inf',
    '0x10',
    '９',
    '-2/3',
    'main',
    '💧',
    'a'.repeat(5000),
  ];
  let seed = 3;
  const pick = <T>(of: readonly T[]): T => of[(seed = (seed * 48271) % 0x7fffffff) % of.length];
  for (let k = 0; k < 3000; k++) {
    const given = Array.from({ length: k % 5 }, (): [string, string | string[]] => [
      pick(names),
      k % 3 === 0 ? [pick(values), pick(values)] : pick(values) + pick(values),
    ]);
    const { settings } = settingsFromLink(
      linkQuery(Object.fromEntries(given)),
      DEFAULT_SETTINGS,
      LENS_IDS,
    );
    if (!isValid('settings', settings)) throw new Error(JSON.stringify(given).slice(0, 200));
  }
});

describe('the address before the app', () => {
  const script = readFileSync(join(__dirname, '../../public/address.js'), 'utf8');
  /** Where the script leads from an address. */
  const leads = (address: string): string => {
    const { pathname, search, hash } = new URL(address, 'https://velmo.example');
    let at = pathname + search + hash;
    const location = { pathname, search, hash };
    const history = { replaceState: (_state: null, _title: string, to: string) => (at = to) };
    new Function('location', 'history', script)(location, history);
    return at;
  };
  test.each([
    ['/?time=1/125&iso=100', '/?time=1/125&iso=100'],
    ['/?toString=x', '/'],
    ['/frame/a?valueOf=1&mode=2#b', '/frame/a?mode=2#b'],
    ['/frame/%E0%A4%A', '/'],
  ])('%s leads to %s', (from, to) => expect(leads(from)).toBe(to));
});
