import type { BytePort } from '@/core/link';

/** As much of a serial line as is used here. */
interface SerialLine {
  readonly readable: ReadableStream<Uint8Array> | null;
  readonly writable: WritableStream<Uint8Array> | null;
  readonly open: (how: { readonly baudRate: number }) => Promise<void>;
  readonly close: () => Promise<void>;
  readonly addEventListener: (event: 'disconnect', act: () => void) => void;
}

interface SerialDevices {
  readonly requestPort: () => Promise<SerialLine>;
}

const devices = (): SerialDevices | undefined =>
  typeof navigator === 'undefined' ? undefined : (navigator as { serial?: SerialDevices }).serial;

/** Whether this browser can open a serial line. */
export const canSerial = (): boolean => devices() !== undefined;

/**
 * A serial line that the user picks; it is asked for by a press of theirs.
 * @throws where none was picked, or it could not be opened.
 */
export async function serialPort(baudRate: number): Promise<BytePort> {
  const line = await devices()!.requestPort();
  await line.open({ baudRate });
  const listeners = new Set<(bytes: Uint8Array) => void>();
  const closed = new Set<() => void>();
  const reader = line.readable?.getReader();
  const writer = line.writable?.getWriter();
  let gone = false;
  const end = () => {
    if (gone) return;
    gone = true;
    for (const tell of closed) tell();
  };
  const pump = async () => {
    try {
      for (;;) {
        const piece = await reader?.read();
        if (!piece || piece.done) break;
        for (const tell of listeners) tell(piece.value);
      }
    } catch {
      // Unplugged while it was read: said by the end of the line.
    }
    end();
  };
  void pump();
  line.addEventListener('disconnect', end);
  return {
    send: (bytes) => void writer?.write(bytes).catch(end),
    listen: (onBytes) => {
      listeners.add(onBytes);
      return () => listeners.delete(onBytes);
    },
    onClosed: (onClosed) => {
      closed.add(onClosed);
      return () => closed.delete(onClosed);
    },
    close: () => {
      end();
      void reader?.cancel().catch(() => undefined);
      void writer?.close().catch(() => undefined);
      void line.close().catch(() => undefined);
    },
  };
}
