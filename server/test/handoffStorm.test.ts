import { request } from 'node:http';
import { cutStorm } from './cutStorm';
import {
  anyFile,
  filesUnder,
  lineTo,
  notesUnder,
  OWNER,
  receiving,
  type Receiving,
} from './handoffKit';

describe('connections that break', () => {
  // All 1,000 with 50 cuts each take minutes: `npm run bench -- deliver` does that.
  test.each([
    [1000, 1],
    [20, 50],
  ])(
    '%i files, each cut at %i random bytes, arrive once, whole',
    async (files, cuts) => {
      const { sent, came, cut } = await cutStorm(files, cuts);
      expect(came).toEqual(sent);
      expect(cut).toBeGreaterThan(0.6 * files * cuts);
    },
    120_000,
  );
});

interface Hostile {
  readonly method: string;
  readonly path: string;
  readonly headers?: Record<string, string>;
  readonly body?: string;
}

/** What a server answers to a request, written as it is: no client tidies its path. */
const ask = (origin: string, { method, path, headers = {}, body = '' }: Hostile) =>
  new Promise<{ status: number; body: string; headers: string }>((resolve, reject) => {
    const { hostname, port } = new URL(origin);
    const whole = { ...headers, 'content-length': String(Buffer.byteLength(body)) };
    const options = { hostname, port, method, path, headers: whole, agent: false };
    const asked = request(options, (answer) => {
      let said = '';
      answer.on('data', (data: Buffer) => (said += data.toString()));
      answer.on('end', () =>
        resolve({
          status: answer.statusCode ?? 0,
          body: said,
          headers: JSON.stringify(answer.headers),
        }),
      );
    });
    asked.on('error', reject);
    asked.end(body);
  });

describe('hostile requests', () => {
  let there: Receiving;
  let token: string;
  beforeAll(async () => {
    there = await receiving();
    token = await there.pairPhone('Secret phone');
    const { file, content } = anyFile('hidden.dng', 1000);
    await lineTo(there, token).send(file, 0, content);
  });
  afterAll(() => there.end());

  const SHA = 'a'.repeat(64);
  const JSON_TYPE = { 'content-type': 'application/json' };
  const BYTES_TYPE = { 'content-type': 'application/octet-stream', 'upload-offset': '0' };
  const LOCATIONS = [
    '/received',
    '/codes',
    '/phones',
    '/phone',
    '/offers',
    `/files/${SHA}`,
    '',
    '/x',
  ];

  /** Requests of those who have no business here, in all the ways of asking. */
  function* strangers(own: string): Generator<Hostile> {
    const tokens = ['', 'Bearer', 'Bearer x', `Bearer ${SHA}`, `Basic ${own}`, `Bearer ${own}x`];
    for (const authorization of tokens)
      for (const location of LOCATIONS)
        for (const method of ['GET', 'POST', 'PATCH', 'DELETE', 'PUT'])
          yield {
            method,
            path: `/handoff${location}`,
            headers: { authorization, ...(method === 'PATCH' ? BYTES_TYPE : JSON_TYPE) },
            body: method === 'GET' ? '' : '{"secret":"guess","name":"x","files":[]}',
          };
    for (let n = 0; n < 60; n++)
      yield {
        method: 'POST',
        path: '/handoff/phones',
        headers: JSON_TYPE,
        body: JSON.stringify({ secret: `guess-${n}`, name: 'x' }),
      };
  }

  /** With a good token, from pages of other sites. */
  function* foreigners(own: string): Generator<Hostile> {
    const pages = [
      { origin: 'https://evil.example' },
      { origin: 'null' },
      { 'sec-fetch-site': 'cross-site' },
      { 'sec-fetch-site': 'same-site' },
      { origin: `${there.origin}.evil.example` },
    ];
    for (const page of pages)
      for (const key of [own, OWNER])
        for (const location of LOCATIONS)
          for (const method of ['GET', 'POST', 'PATCH', 'DELETE'])
            yield {
              method,
              path: `/handoff${location}`,
              headers: {
                authorization: `Bearer ${key}`,
                ...page,
                ...(method === 'PATCH' ? BYTES_TYPE : JSON_TYPE),
              } as unknown as Record<string, string>,
              body: method === 'GET' ? '' : '{"files":[]}',
            };
  }

  test('learn nothing and change nothing, without a token or from other sites', async () => {
    const before = { files: filesUnder(there.folder), notes: notesUnder(there.folder) };
    let count = 0;
    for (const hostile of [...strangers(token), ...foreigners(token)]) {
      const { status, body, headers } = await ask(there.origin, hostile);
      count++;
      const said = `${status} ${body}`;
      if (said !== '404 {"error":"not found"}')
        throw new Error(`${JSON.stringify(hostile)} was answered ${said}`);
      expect(headers).not.toContain('access-control');
    }
    expect(count).toBeGreaterThan(500);
    expect({ files: filesUnder(there.folder), notes: notesUnder(there.folder) }).toEqual(before);
  });

  test('of a paired phone: paths, sizes and sums that are not as they should be', async () => {
    const before = { files: filesUnder(there.folder), notes: notesUnder(there.folder) };
    const authorization = `Bearer ${token}`;
    const patch = (path: string, headers: Record<string, string> = {}, body = 'x') =>
      ask(there.origin, {
        method: 'PATCH',
        path: `/handoff/files/${path}`,
        headers: { authorization, ...BYTES_TYPE, ...headers },
        body,
      });
    const refused = [
      await patch(`../../etc/passwd?bytes=1&path=x`),
      await patch(`..%2f..%2fetc%2fpasswd?bytes=1&path=x`),
      await patch(`${SHA.toUpperCase()}?bytes=1&path=x`),
      await patch(`${SHA}?bytes=-1&path=x`),
      await patch(`${SHA}?bytes=99999999999&path=x`),
      await patch(`${SHA}?bytes=1.5&path=x`),
      await patch(`${SHA}?bytes=1&path=${'x'.repeat(5000)}`),
      await patch(`${SHA}?bytes=1`),
      await patch(`${SHA}?bytes=1&path=x`, { 'upload-offset': '-5' }),
      await patch(`${SHA}?bytes=1&path=x`, { 'content-type': 'text/html' }),
      await ask(there.origin, {
        method: 'POST',
        path: '/handoff/offers',
        headers: { authorization, ...JSON_TYPE },
        body: JSON.stringify({ files: Array(300).fill({ sha256: SHA, bytes: 1, path: 'x' }) }),
      }),
      await ask(there.origin, {
        method: 'POST',
        path: '/handoff/offers',
        headers: { authorization, ...JSON_TYPE },
        body: `{"files":[],"__proto__":{"x":1}}`,
      }),
    ];
    for (const { status, body } of refused) {
      expect([400, 404, 413, 415]).toContain(status);
      expect(body).not.toMatch(/hidden|Secret|velmo-inbox|\/tmp/);
    }
    // Not all of a file, or more than it is: never among the others.
    expect((await patch(`${SHA}?bytes=5&path=x`, { 'upload-offset': '3' })).status).toBe(409);
    expect((await patch(`${SHA}?bytes=5&path=x`, {}, 'more than five')).status).toBe(409);
    expect((await patch(`${SHA}?bytes=4&path=..%2f..%2fx`, {}, 'four')).status).toBe(409);
    expect({ files: filesUnder(there.folder), notes: notesUnder(there.folder) }).toEqual(before);
  });

  test('a secret that was used pairs nobody else; one that is old, nobody', async () => {
    const { secret } = there.inbox.phones.secret();
    const use = (): ReturnType<typeof ask> =>
      ask(there.origin, {
        method: 'POST',
        path: '/handoff/phones',
        headers: JSON_TYPE,
        body: JSON.stringify({ secret, name: 'x' }),
      });
    const statuses = await Promise.all([use(), use(), use()]);
    expect(statuses.map(({ status }) => status).sort()).toEqual([201, 404, 404]);
    expect((await use()).status).toBe(404);
  });

  test('strangers and phones that ask too often are told to wait', async () => {
    const strict = await receiving({ rate: { phone: 20, stranger: 5 } });
    const own = await strict.pairPhone('x');
    const asked = { method: 'POST', path: '/handoff/phones', headers: JSON_TYPE, body: '{}' };
    const offered = {
      method: 'POST',
      path: '/handoff/offers',
      headers: { ...JSON_TYPE, authorization: `Bearer ${own}` },
      body: '{"files":[]}',
    };
    const statuses = async (hostile: Hostile, times: number): Promise<number[]> => {
      const all: number[] = [];
      for (let n = 0; n < times; n++) all.push((await ask(strict.origin, hostile)).status);
      return all;
    };
    // Pairing was the first of the five.
    expect(await statuses(asked, 6)).toEqual([404, 404, 404, 404, 429, 429]);
    expect(await statuses(offered, 21)).toEqual([...Array(20).fill(200), 429]);
    await strict.end();
  });
});
