import { ApiError, request, Unreachable } from './client.js';

/** What the server answers next. */
function serve(status: number, body?: unknown, type = 'application/json') {
  const asked: { path: string; init: RequestInit }[] = [];
  globalThis.fetch = (async (path: string, init: RequestInit) => {
    asked.push({ path, init });
    return { ok: status < 400, status, headers: { get: () => type }, json: async () => body };
  }) as never;
  return asked;
}

test('a request carries its body as JSON, and its answer comes back', async () => {
  const asked = serve(200, { id: 1 });
  expect(await request('PUT', 'people/1', { name: 'Orla' })).toEqual({ id: 1 });
  expect(asked).toEqual([
    {
      path: '/api/people/1',
      init: { method: 'PUT', credentials: 'same-origin', headers: { 'content-type': 'application/json' }, body: '{"name":"Orla"}' },
    },
  ]);
  const read = serve(200, []);
  await request('GET', 'people');
  expect(read[0]!.init).toEqual({ method: 'GET', credentials: 'same-origin' });
});

test('nothing comes back where there is nothing to say', async () => {
  serve(204);
  expect(await request('DELETE', 'session')).toBeUndefined();
});

test('a refusal tells its fields, and whatever the server adds', async () => {
  const problems = [{ field: 'name', message: 'Write a name' }];
  serve(409, { message: 'Changed meanwhile', problems, theirs: { version: 2 } });
  const refusal = await request('PUT', 'people/1', {}).catch((error: unknown) => error);
  expect(refusal).toBeInstanceOf(ApiError);
  expect(refusal).toMatchObject({ status: 409, message: 'Changed meanwhile', problems, details: { theirs: { version: 2 } } });
});

test('a refusal without words, or with problems that are none, is still one', async () => {
  serve(500, null);
  await expect(request('GET', 'people')).rejects.toMatchObject({ message: 'The server answered 500', problems: [], details: {} });
  serve(422, { message: ['no'], problems: ['no field'] });
  await expect(request('GET', 'people')).rejects.toMatchObject({ message: 'The server answered 422', problems: [] });
});

test('a proxy that stands in for a server that is away is no answer', async () => {
  serve(502, undefined, 'text/html');
  await expect(request('GET', 'people')).rejects.toThrow(Unreachable);
  serve(200, undefined, 'text/html');
  await expect(request('GET', 'people')).rejects.toThrow('could not be reached (200)');
});

test('a server that is away is told from what it refuses', async () => {
  globalThis.fetch = async () => {
    throw new TypeError('Failed to fetch');
  };
  await expect(request('GET', 'people')).rejects.toThrow(Unreachable);
});
