import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { dialStandIn, diceOf, usualDial } from '@/standins';
import { DialLine, ListenLine } from './device-line';
import { thinned } from './listen';

/** A serial line with a stand-in at its far end, as a browser would hand it out. */
function pluggedIn() {
  const dial = dialStandIn({ ...usualDial, noise: 0 }, diceOf(1, 'dial'));
  let controller: ReadableStreamDefaultController<Uint8Array>;
  const unplugged: (() => void)[] = [];
  const line = {
    readable: new ReadableStream<Uint8Array>({ start: (c) => void (controller = c) }),
    writable: new WritableStream<Uint8Array>({ write: (bytes) => dial.port.send(bytes) }),
    open: vi.fn(async () => undefined),
    close: async () => undefined,
    addEventListener: (_: string, gone: () => void) => unplugged.push(gone),
  };
  dial.port.listen((bytes) => controller.enqueue(bytes));
  vi.stubGlobal('navigator', { ...navigator, serial: { requestPort: async () => line } });
  return { dial, line, unplug: () => unplugged.forEach((gone) => gone()) };
}

afterEach(() => vi.unstubAllGlobals());

describe('an indicator on a serial line', () => {
  it('is not offered where the browser cannot open one: typing is enough', () => {
    const { container } = render(<DialLine onTake={() => undefined} system="metric" />);
    expect(container).toBeEmptyDOMElement();
  });
  it('shows what it reads, takes it by a press while it is still, and says when it is gone', async () => {
    const { dial, line, unplug } = pluggedIn();
    const taken: number[] = [];
    render(<DialLine onTake={(si) => void taken.push(si)} system="metric" />);
    await userEvent.click(screen.getByRole('button', { name: 'Connect an indicator' }));
    expect(line.open).toHaveBeenCalledWith({ baudRate: 115_200 });
    await screen.findByText('nothing heard yet');
    act(() => dial.run(600, 0.00123));
    await screen.findByText('1.23 mm, still');
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(taken).toEqual([0.00123]);
    act(() => dial.run(600, 0.02));
    await screen.findByText(/over$/);
    expect(screen.getByRole('button', { name: 'Take it' })).toBeDisabled();
    act(unplug);
    expect(await screen.findByRole('alert')).toHaveTextContent('The line is gone.');
  });
  it('nothing picked is said, and can be tried again', async () => {
    const refuse = async () => {
      throw new Error('none picked');
    };
    vi.stubGlobal('navigator', { ...navigator, serial: { requestPort: refuse } });
    render(<DialLine onTake={() => undefined} system="metric" />);
    await userEvent.click(screen.getByRole('button', { name: 'Connect an indicator' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('No line was opened.');
    expect(screen.getByRole('button', { name: 'Connect an indicator' })).toBeEnabled();
  });
});

/** A microphone that hears one tone for ever. */
function hears(frequency: number) {
  const stop = vi.fn();
  const stream = { getTracks: () => [{ stop }] };
  vi.stubGlobal('navigator', { ...navigator, mediaDevices: { getUserMedia: async () => stream } });
  vi.stubGlobal(
    'AudioContext',
    class {
      sampleRate = 48_000;
      createMediaStreamSource = () => ({ connect: () => undefined });
      close = async () => undefined;
    },
  );
  vi.stubGlobal(
    'AnalyserNode',
    class {
      getFloatTimeDomainData = (out: Float32Array) =>
        out.forEach((_, i) => (out[i] = Math.sin((2 * Math.PI * frequency * i) / 48_000)));
    },
  );
  return stop;
}

describe('a tone by microphone', () => {
  const band = { low: 15, high: 500 };
  it('is not offered where there is none', () => {
    const { container } = render(<ListenLine band={band} onTake={() => undefined} system="metric" />);
    expect(container).toBeEmptyDOMElement();
  });
  it('is heard, shown with its doubt, and taken by a press; the microphone is let go', async () => {
    const stopped = hears(87);
    const taken: number[] = [];
    const { unmount } = render(
      <ListenLine band={band} onTake={(hz) => void taken.push(hz)} system="metric" />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Listen by microphone' }));
    await waitFor(() => expect(screen.getByRole('status')).toHaveTextContent(/^87 Hz ±/));
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(taken[0]).toBeCloseTo(87, 1);
    await userEvent.click(screen.getByRole('button', { name: 'Stop listening' }));
    expect(stopped).toHaveBeenCalled();
    unmount();
  });
  it('what is not allowed is said, and the tone typed instead', async () => {
    hears(87);
    vi.stubGlobal('navigator', {
      ...navigator,
      mediaDevices: {
        getUserMedia: async () => {
          throw new Error('denied');
        },
      },
    });
    render(<ListenLine band={band} onTake={() => undefined} system="metric" />);
    await userEvent.click(screen.getByRole('button', { name: 'Listen by microphone' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Type the tone instead');
  });
  it('thinned samples keep a low tone', () => {
    const long = Float32Array.from({ length: 12 }, (_, i) => i);
    expect([...thinned(long, 6)]).toEqual([2.5, 8.5]);
  });
});
