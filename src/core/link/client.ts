import { type Answer, type Now, readAnswer } from './answers';
import { sealed } from './crc';
import { bytesOf, lineReader, NOW, type NowByte } from './lines';
import type { BytePort, Clock } from './port';
import { MOST_SEQ, requestText } from './words';

/** What a request came to. */
export type Reply =
  | { readonly ok: true; readonly has: readonly ReadonlyMap<string, string>[]; readonly room: number | null }
  | { readonly ok: false; readonly number: number; readonly text: string };

/** Not answered: the line is gone, or mute. */
export const MUTE = { ok: false, number: 0, text: 'no answer' } as const;

export interface LinkClient {
  readonly ask: (verb: string, keys?: Readonly<Record<string, string | number>>) => Promise<Reply>;
  /** Acts at once, before anything that waits. */
  readonly now: (byte: NowByte) => void;
  readonly onEvent: (heard: (keys: ReadonlyMap<string, string>) => void) => () => void;
  readonly onNow: (heard: (now: Now) => void) => () => void;
  /** Bytes go out so often that an armed controller does not brake: until it is ended. @returns ends it. */
  readonly keepAlive: () => () => void;
  readonly close: () => void;
}

/** An answer is waited for so long, then the same request is sent again, so often; ms. */
const PATIENCE = 400;
const TRIES = 4;
/** An armed controller brakes when it hears nothing for two seconds. */
const ALIVE = 500;

interface Waiting {
  readonly seq: number;
  readonly line: string;
  readonly has: ReadonlyMap<string, string>[];
  readonly done: (reply: Reply) => void;
  tries: number;
  stop: () => void;
}

const listeners = <T>() => {
  const all = new Set<(value: T) => void>();
  const on = (heard: (value: T) => void) => {
    all.add(heard);
    return () => {
      all.delete(heard);
    };
  };
  return { on, tell: (value: T) => all.forEach((heard) => heard(value)) };
};

/** Questions, one at a time: sent again under the same number until an answer comes, or nobody does. */
function questions(port: BytePort, clock: Clock) {
  const queue: Waiting[] = [];
  let seq = 0;
  let closed = false;

  const finish = (waiting: Waiting, reply: Reply) => {
    waiting.stop();
    queue.shift();
    waiting.done(reply);
    next();
  };
  const send = (waiting: Waiting) => {
    waiting.tries += 1;
    waiting.has.length = 0;
    // Before it is sent: an answer may come while it is.
    waiting.stop = clock.after(PATIENCE, () => {
      if (waiting.tries < TRIES) send(waiting);
      else finish(waiting, MUTE);
    });
    port.send(bytesOf(waiting.line));
  };
  const next = () => {
    const [waiting] = queue;
    if (waiting && waiting.tries === 0) send(waiting);
  };
  return {
    closed: () => closed,
    ask: (verb: string, keys: Readonly<Record<string, string | number>> = {}): Promise<Reply> =>
      new Promise((done) => {
        if (closed) return done(MUTE);
        seq = (seq % MOST_SEQ) + 1;
        const line = sealed(requestText(seq, verb, keys));
        queue.push({ seq, line, has: [], done, tries: 0, stop: () => undefined });
        return next();
      }),
    hear: (answer: Exclude<Answer, { readonly is: 'event' | 'now' }>) => {
      const [waiting] = queue;
      // A line that could not be read is answered under nought: the one in hand is sent again in its time.
      if (!waiting || waiting.seq !== answer.seq) return undefined;
      if (answer.is === 'no') return finish(waiting, { ok: false, number: answer.number, text: answer.text });
      if (answer.is === 'taken')
        return finish(waiting, { ok: true, has: [...waiting.has], room: answer.room });
      waiting.has.push(answer.keys);
      // Only `settings` has more than one, and ends with `taken`.
      return answer.keys.has('n')
        ? undefined
        : finish(waiting, { ok: true, has: [...waiting.has], room: null });
    },
    gone: () => {
      closed = true;
      for (const waiting of queue.splice(0)) {
        waiting.stop();
        waiting.done(MUTE);
      }
    },
  };
}

/**
 * Speaks with a controller: one request at a time, sent again under the same number where no answer comes, so
 * that a line that was lost moves nothing twice.
 */
export function linkClient(port: BytePort, clock: Clock): LinkClient {
  const read = lineReader();
  const asked = questions(port, clock);
  const events = listeners<ReadonlyMap<string, string>>();
  const nows = listeners<Now>();
  const unlisten = port.listen((bytes) => {
    for (const heard of read(bytes)) {
      const answer = heard.is === 'line' ? readAnswer(heard.text) : null;
      if (answer?.is === 'event') events.tell(answer.keys);
      else if (answer?.is === 'now') nows.tell(answer.now);
      else if (answer) asked.hear(answer);
    }
  });
  const unclosed = port.onClosed(asked.gone);
  return {
    ask: asked.ask,
    now: (byte) => port.send(Uint8Array.of(NOW[byte])),
    onEvent: events.on,
    onNow: nows.on,
    keepAlive: () => {
      let stop = () => undefined as void;
      const beat = () => {
        if (asked.closed()) return;
        port.send(Uint8Array.of(NOW.report));
        stop = clock.after(ALIVE, beat);
      };
      beat();
      return () => stop();
    },
    close: () => {
      unlisten();
      unclosed();
      asked.gone();
      port.close();
    },
  };
}
