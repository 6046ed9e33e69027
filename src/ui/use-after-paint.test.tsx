import { act, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { AfterPaint } from './after-paint';
import { useAfterPaint } from './use-after-paint';

/** What was drawn: the value, and the two that follow it. */
const drawn: string[] = [];
function Following({ value }: { value: string }) {
  const one = useAfterPaint(value);
  const two = useAfterPaint(value.length);
  drawn.push(`${value} ${one} ${two}`);
  return <p>{one}</p>;
}
afterEach(() => {
  drawn.length = 0;
  vi.unstubAllGlobals();
});

describe('what follows the paint', () => {
  it('is drawn once for all that waits, and leaves out what was passed before', async () => {
    const { rerender } = render(<Following value="a" />);
    rerender(<Following value="bb" />);
    rerender(<Following value="ccc" />);
    await screen.findByText('ccc');
    expect(drawn).toEqual(['a a 1', 'bb a 1', 'ccc a 1', 'ccc ccc 3']);
  });
  it('comes on a page out of sight too, where no frame is asked for', async () => {
    vi.stubGlobal('requestAnimationFrame', () => 0);
    const { rerender } = render(<Following value="a" />);
    rerender(<Following value="bb" />);
    await waitFor(() => expect(screen.getByText('bb')).toBeInTheDocument());
  });
  it('waits for the next frame, once this one has begun', async () => {
    const frames: (() => void)[] = [];
    vi.stubGlobal('requestAnimationFrame', (f: () => void) => frames.push(f));
    const { rerender } = render(<Following value="a" />);
    rerender(<Following value="bb" />);
    frames.splice(0).forEach((f) => f());
    rerender(<Following value="ccc" />);
    await act(() => new Promise((done) => setTimeout(done, 20)));
    expect(drawn.at(-1)).toBe('ccc a 1');
    frames.splice(0).forEach((f) => f());
    await screen.findByText('ccc');
  });
  it('what is dear in what is dear waits for a frame of its own', async () => {
    render(
      <AfterPaint>
        <p>charts</p>
        <AfterPaint>
          <p>tables</p>
        </AfterPaint>
      </AfterPaint>,
    );
    expect(screen.queryByText('charts')).toBeNull();
    await screen.findByText('charts');
    expect(screen.queryByText('tables')).toBeNull();
    await screen.findByText('tables');
  });
});
