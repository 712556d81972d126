import { mkdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  HandoffError,
  httpLine,
  pair,
  sendFile,
  type Arrival,
  type Fetch,
} from '@velmo/core/handoff';
import { Inbox } from '../src/handoff/inbox';
import { safePath } from '../src/handoff/placeFile';
import {
  anyFile,
  breakingFetch,
  filesUnder,
  lineTo,
  OWNER,
  receiving,
  sha256Of,
  type Receiving,
} from './handoffKit';

const AT_ONCE = { pause: async (): Promise<void> => {} };

/** What keeps coming out of a promise that fails. */
const faultOf = (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => 'none',
    (error: unknown) => (error instanceof HandoffError ? error.fault : error),
  );

describe('a hand-off', () => {
  let there: Receiving;
  let token: string;
  beforeEach(async () => {
    there = await receiving();
    token = await there.pairPhone('Pan phone');
  });
  afterEach(() => there.end());

  test('writes what a paired phone sends into a folder of its own, byte for byte', async () => {
    const { file, content, sha256 } = anyFile('bracket of 5/SALT-0007.dng', 3_000_000);
    const line = lineTo(there, token);
    expect(await line.offer([file])).toEqual([0]);
    expect(await sendFile(line, file, content, 0, AT_ONCE)).toBe(true);
    expect(filesUnder(there.folder)).toEqual({
      'Pan phone/bracket of 5/SALT-0007.dng': sha256,
    });
    expect(await line.offer([file])).toEqual(['arrived']);
  });

  test('never overwrites: another file of that name gets a number', async () => {
    const [first, second] = [anyFile('SALT-0001.dng', 500), anyFile('salt-0001.DNG', 400)];
    mkdirSync(join(there.folder, 'Pan phone'));
    writeFileSync(join(there.folder, 'Pan phone', 'SALT-0001.dng'), 'the user’s own');
    for (const { file, content } of [first, second])
      await sendFile(lineTo(there, token), file, content, 0, AT_ONCE);
    const files = filesUnder(join(there.folder, 'Pan phone'));
    expect(files).toEqual({
      'SALT-0001.dng': sha256Of(Buffer.from('the user’s own')),
      'SALT-0001 (2).dng': first.sha256,
      'salt-0001 (3).DNG': second.sha256,
    });
  });

  test('what has arrived is known after a restart too, and is not sent again', async () => {
    const { file, content } = anyFile('a.dng', 900);
    await sendFile(lineTo(there, token), file, content, 0, AT_ONCE);
    await there.end();
    there = await receiving({}, there.folder);
    const line = lineTo(there, token);
    expect(await line.offer([file])).toEqual(['arrived']);
    const never = { ...line, send: () => Promise.reject(new Error('sent again')) };
    expect(await sendFile(never, file, content, 'arrived', AT_ONCE)).toBe(true);
    expect(Object.keys(filesUnder(there.folder)).length).toBe(1);
  });

  test('the power goes between writing a file and noting it: it comes again, and is there once', async () => {
    const { file, content } = anyFile('a.dng', 900);
    mkdirSync(join(there.folder, 'Pan phone'));
    writeFileSync(
      join(there.folder, 'Pan phone', 'a.dng'),
      Buffer.from(await content.arrayBuffer()),
    );
    await sendFile(lineTo(there, token), file, content, 0, AT_ONCE);
    expect(Object.keys(filesUnder(there.folder))).toEqual(['Pan phone/a.dng']);
    expect(there.inbox.arrivals.count).toBe(1);
  });

  test('half a line in its notes costs that file’s note and no other', async () => {
    const [one, two] = [anyFile('1.dng', 10), anyFile('2.dng', 20)];
    await sendFile(lineTo(there, token), one.file, one.content, 0, AT_ONCE);
    await there.end();
    writeFileSync(join(there.folder, '.velmo/arrived.jsonl'), '{"sha256":"half', { flag: 'a' });
    there = await receiving({}, there.folder);
    await sendFile(lineTo(there, token), two.file, two.content, 0, AT_ONCE);
    await there.end();
    there = await receiving({}, there.folder);
    expect(await lineTo(there, token).offer([one.file, two.file])).toEqual(['arrived', 'arrived']);
  });

  test('bytes that are not those offered are never put among the others', async () => {
    const { file } = anyFile('a.dng', 2000);
    const other = anyFile('b.dng', 2000);
    const sent = sendFile(lineTo(there, token), file, other.content, 0, AT_ONCE);
    expect(await faultOf(sent)).toBe('damaged');
    expect(Object.keys(filesUnder(there.folder)).length).toBe(0);
  });

  test('a code pairs one phone; a phone that is removed can do nothing more', async () => {
    const { secret } = there.inbox.phones.secret();
    const again = (): Promise<unknown> =>
      pair(fetch as Fetch, there.origin, secret, 'Sluice phone');
    expect(await again()).toMatchObject({ folder: expect.stringContaining('velmo-inbox') });
    expect(await faultOf(again())).toBe('unpaired');
    const line = lineTo(there, token);
    const { file } = anyFile('a.dng', 10);
    await line.offer([file]);
    await there.inbox.phones.remove(there.inbox.phones.list()[0].id);
    expect(await faultOf(line.offer([file]))).toBe('unpaired');
    expect(there.inbox.phones.list().map(({ name }) => name)).toEqual(['Sluice phone']);
  });

  test('two phones that send at once, the same names and some of the same bytes, lose nothing', async () => {
    const second = await there.pairPhone('Pan phone');
    const shared = Array.from({ length: 20 }, (_, n) => anyFile(`S-${n}.dng`, 50_000 + n));
    const own = [0, 1].map(() => shared.map((_, n) => anyFile(`S-${n}.dng`, 40_000 + n)));
    await Promise.all(
      [token, second].map(async (of, n) => {
        for (const { file, content } of [...shared, ...own[n]])
          await sendFile(lineTo(there, of), file, content, 0, AT_ONCE);
      }),
    );
    const came = Object.values(filesUnder(there.folder)).sort();
    expect(came).toEqual([...shared, ...own.flat()].map(({ sha256 }) => sha256).sort());
    expect(there.inbox.phones.list().map(({ name }) => name)).toEqual(['Pan phone', 'Pan phone 2']);
  });

  test('all bytes there and no sum made yet, as when the power went: it is made, and they are placed', async () => {
    const { file, content, sha256 } = anyFile('a.dng', 5000);
    const [{ id }] = there.inbox.phones.list();
    const part = join(there.folder, '.velmo/parts', `${id}-${sha256}`);
    writeFileSync(part, Buffer.from(await content.arrayBuffer()));
    const line = lineTo(there, token);
    expect(await line.offer([file])).toEqual([5000]);
    expect(await sendFile(line, file, content, 5000, AT_ONCE)).toBe(true);
    expect(filesUnder(there.folder)).toEqual({ 'Pan phone/a.dng': sha256 });
  });

  test('what brings nothing on is not tried for ever', async () => {
    const { file, content } = anyFile('a.dng', 5000);
    let tries = 0;
    const stuck = {
      offer: async () => [10],
      send: async () => ({ arrived: false, at: 10, tries: tries++ }) as const,
    };
    expect(await faultOf(sendFile(stuck, file, content, 10, AT_ONCE))).toBe('unreachable');
    expect(tries).toBeLessThan(10);
  });

  test('phones that pair at the same moment are all known after a restart', async () => {
    const names = await Promise.all([1, 2, 3, 4, 5].map((n) => there.pairPhone(`P${n}`)));
    expect(new Set(names).size).toBe(5);
    await there.end();
    there = await receiving({}, there.folder);
    expect(there.inbox.phones.list()).toHaveLength(6);
  });

  test('the page that sent is closed in the middle: another goes on from there', async () => {
    const { file, content, sha256 } = anyFile('a.dng', 4_000_000);
    const breaking = breakingFetch(
      () => 1_500_000,
      () => false,
    );
    await expect(httpLine(breaking, there.origin, token).send(file, 0, content)).rejects.toThrow();
    const line = lineTo(there, token);
    let at: Arrival = 0;
    while (at !== 1_500_000) [at] = await line.offer([file]);
    const froms: number[] = [];
    const counted = {
      ...line,
      send: (offered: typeof file, from: number, body: never) => {
        froms.push(from);
        return line.send(offered, from, body);
      },
    };
    await sendFile(counted, file, content, at, AT_ONCE);
    expect(froms).toEqual([at]);
    expect(filesUnder(there.folder)).toEqual({ 'Pan phone/a.dng': sha256 });
  });
});

describe('a disk without room', () => {
  test('is said before a byte is taken; with room again, it goes on', async () => {
    let free = 1e9;
    const there = await receiving({
      inbox: await Inbox.open((await receivingFolder()).folder, async () => free),
    });
    const line = lineTo(there, await there.pairPhone('Pan phone'));
    const { file, content } = anyFile('a.dng', 1000);
    free = 1e6;
    expect(await faultOf(sendFile(line, file, content, 0, AT_ONCE))).toBe('full');
    expect(Object.keys(filesUnder(there.folder)).length).toBe(0);
    free = 1e9;
    expect(await sendFile(line, file, content, 0, AT_ONCE)).toBe(true);
    await there.end();
  });
});

/** A folder of its own. */
async function receivingFolder(): Promise<{ folder: string }> {
  const { folder, end } = await receiving();
  await end();
  return { folder };
}

describe('names', () => {
  test.each([
    ['../../etc/passwd', ['etc'], 'passwd'],
    ['/etc/cron.d/x', ['etc', 'cron.d'], 'x'],
    ['C:\\Windows\\x.dng', ['C-', 'Windows'], 'x.dng'],
    ['.velmo/phones.json', ['velmo'], 'phones.json'],
    ['a/b/c/d/e.dng', ['a', 'b', 'c'], 'e.dng'],
    ['con.dng', [], '_con.dng'],
    ['....//....//x', ['unnamed', 'unnamed'], 'x'],
    ['a\u0000b\u202egnd.exe', [], 'a-b-gnd.exe'],
    ['/', [], 'unnamed'],
  ])('%j stays in its folder', (path, folders, name) => {
    expect(safePath(path)).toEqual({ folders, name });
  });
});

describe('the computer’s own page', () => {
  test('says what came, from this computer and with its key only', async () => {
    const there = await receiving();
    const token = await there.pairPhone('Pan phone');
    const { file, content } = anyFile('a.dng', 1000);
    await sendFile(lineTo(there, token), file, content, 0, AT_ONCE);
    const ask = (key: string, remoteAddress = '127.0.0.1') =>
      there.server.inject({
        url: '/handoff/received',
        remoteAddress,
        headers: { authorization: `Bearer ${key}` },
      });
    expect((await ask(OWNER)).json()).toMatchObject({
      files: 1,
      bytes: 1000,
      phones: [{ name: 'Pan phone' }],
      latest: [{ path: 'Pan phone/a.dng', sha256: file.sha256 }],
    });
    for (const refused of [await ask(token), await ask('x'), await ask(OWNER, '192.168.7.9')])
      expect([refused.statusCode, refused.body]).toEqual([404, '{"error":"not found"}']);
    await there.end();
  });
});

describe('a link in the folder', () => {
  test('that leads elsewhere under a file’s name is left as it is', async () => {
    const there = await receiving();
    const token = await there.pairPhone('Pan phone');
    const outside = (await receivingFolder()).folder;
    mkdirSync(join(there.folder, 'Pan phone'));
    symlinkSync(join(outside, 'target'), join(there.folder, 'Pan phone', 'a.dng'));
    const { file, content, sha256 } = anyFile('a.dng', 1000);
    await sendFile(lineTo(there, token), file, content, 0, AT_ONCE);
    expect(filesUnder(outside)).toEqual({});
    expect(filesUnder(there.folder)).toEqual({ 'Pan phone/a (2).dng': sha256 });
    await there.end();
  });
});
