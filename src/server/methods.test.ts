// @vitest-environment node
import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, expect, it } from 'vitest';
import { refused } from './methods';

let server: Server | undefined;
afterEach(() => server?.close());

/** Status and allowed methods of what a request by a method is answered with. */
async function ask(method: string): Promise<{ status: number; allow: string | undefined }> {
  server = createServer((req, res) => {
    if (!refused(req, res)) res.end('taken');
  });
  await new Promise<void>((done) => server!.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  return new Promise((answer, fail) => {
    const asked = request({ port, method, host: '127.0.0.1' }, (res) => {
      res.resume();
      answer({ status: res.statusCode!, allow: res.headers.allow });
    });
    asked.on('error', fail).end();
  });
}

it('refuses what nothing here takes, and says what is taken', async () => {
  for (const method of ['TRACE', 'PUT', 'DELETE', 'PATCH'])
    expect(await ask(method), method).toEqual({ status: 405, allow: 'GET, HEAD, OPTIONS, POST' });
  for (const method of ['GET', 'POST', 'OPTIONS']) expect((await ask(method)).status, method).toBe(200);
});
