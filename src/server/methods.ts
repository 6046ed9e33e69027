import { type IncomingMessage, Server, type ServerResponse } from 'node:http';

/** What pages and service routes are asked with. */
const METHODS: readonly string[] = ['GET', 'HEAD', 'OPTIONS', 'POST'];

/**
 * Answers a method that nothing here takes, before the framework sees it: it cannot even put TRACE into a
 * request of its own and would answer 500.
 * @returns whether it was answered.
 */
export function refused({ method = '' }: IncomingMessage, response: ServerResponse): boolean {
  if (METHODS.includes(method)) return false;
  response.writeHead(405, {
    Allow: METHODS.join(', '),
    'Content-Type': 'text/plain; charset=utf-8',
    'Content-Security-Policy': "default-src 'none'",
    'X-Content-Type-Options': 'nosniff',
    'X-Frame-Options': 'DENY',
    'Referrer-Policy': 'no-referrer',
  });
  response.end(`read ${method.slice(0, 20)}; wanted one of ${METHODS.join(', ')}\n`);
  return true;
}

/** Puts that before all that listens to requests in this process. */
export function refuseOtherMethods(): void {
  // Of the prototype, for the server of the framework is made before this runs. `emit` is called with its
  // server. eslint-disable-next-line @typescript-eslint/unbound-method
  const { emit } = Server.prototype;
  Server.prototype.emit = function (this: Server, event: string | symbol, ...rest: unknown[]): boolean {
    if (event === 'request' && refused(rest[0] as IncomingMessage, rest[1] as ServerResponse)) return true;
    return Reflect.apply(emit, this, [event, ...rest]) as boolean;
  };
}
