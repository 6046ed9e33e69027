import { createServer } from 'node:http';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { extname, join, normalize } from 'node:path';
import { type AddressInfo, connect, createServer as createTcpServer, type Socket } from 'node:net';

const types: Readonly<Record<string, string>> = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.txt': 'text/plain; charset=utf-8',
  '.png': 'image/png',
  '.svg': 'image/svg+xml',
  '.woff2': 'font/woff2',
};

export interface PlainServer {
  readonly address: string;
  /** What was asked for and not there. */
  readonly missing: readonly string[];
  readonly stop: () => Promise<void>;
}

/** What is changed in a file on its way out. */
export type Edition = (path: string, bytes: Buffer) => Buffer | string;

/** A plain file server: a folder without its slash is sent there, a folder gives its index, no more. */
export async function servePlain(
  folder: string,
  { edition = (_path, bytes) => bytes, port = 0 }: { edition?: Edition; port?: number } = {},
): Promise<PlainServer> {
  const missing: string[] = [];
  const server = createServer((request, response) => {
    const { pathname, search } = new URL(request.url ?? '/', 'http://plain');
    const path = join(folder, normalize(decodeURIComponent(pathname)));
    const isFolder = existsSync(path) && statSync(path).isDirectory();
    if (isFolder && !pathname.endsWith('/')) {
      response.writeHead(301, { Location: `${pathname}/${search}` }).end();
      return;
    }
    const file = isFolder ? join(path, 'index.html') : path;
    if (!existsSync(file)) {
      missing.push(pathname);
      response.writeHead(404).end('not found');
      return;
    }
    response
      .writeHead(200, { 'Content-Type': types[extname(file)] ?? 'application/octet-stream' })
      .end(edition(pathname, readFileSync(file)));
  });
  await new Promise<void>((then) => server.listen(port, '127.0.0.1', then));
  const { port: at } = server.address() as AddressInfo;
  const stop = () =>
    new Promise<void>((then) => {
      server.close(() => then());
      server.closeAllConnections();
    });
  return { address: `http://127.0.0.1:${at}`, missing, stop };
}

/** A line to another server that can be cut: for the browser the network is gone then. */
export async function lineTo(target: string): Promise<{ address: string; cut: () => Promise<void> }> {
  const { hostname, port } = new URL(target);
  const open = new Set<Socket>();
  const server = createTcpServer((near) => {
    const far = connect(Number(port), hostname);
    for (const end of [near, far]) {
      open.add(end);
      // Whichever end breaks, the other one goes with it.
      end.on('error', () => undefined).on('close', () => (near.destroy(), far.destroy()));
    }
    near.pipe(far).pipe(near);
  });
  await new Promise<void>((then) => server.listen(0, '127.0.0.1', then));
  const { port: at } = server.address() as AddressInfo;
  const cut = () =>
    new Promise<void>((then) => {
      server.close(() => then());
      for (const end of open) end.destroy();
    });
  return { address: `http://127.0.0.1:${at}`, cut };
}
