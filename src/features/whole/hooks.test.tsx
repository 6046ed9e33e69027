// @vitest-environment jsdom
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { flexReport, machineReport, type WayId } from '@/core/machine';
import { applyEdits, guess, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { useFlex, useMachineReport } from '@/features/frame';
import { useImprovements } from './use-improvements';

afterEach(cleanup);
const [kayak, gate] = demoMachines() as [Project, Project];

describe('the frame solved beside the page', () => {
  it('comes after a pause, says so until then, and is that of a direct call', async () => {
    const { result } = renderHook(() => useFlex(gate));
    expect(result.current).toEqual({ flex: null, busy: true, failed: null });
    await waitFor(() => expect(result.current.busy).toBe(false), { timeout: 5000 });
    expect(result.current.flex).toEqual(flexReport(gate, machineReport(gate).axes));
  });
  it('the newest machine wins, however quickly they follow each other', async () => {
    const heavier = applyEdits(kayak, [
      { path: 'axes.2.loads.masses.0.mass', value: guess('mass', '30 kg') as never },
    ]);
    const { result, rerender } = renderHook(({ p }) => useFlex(p), { initialProps: { p: kayak } });
    rerender({ p: { ...kayak, structure: null } });
    rerender({ p: heavier });
    await waitFor(() => expect(result.current.busy).toBe(false), { timeout: 5000 });
    const direct = flexReport(heavier, machineReport(heavier).axes);
    const { flex } = result.current;
    expect(flex?.ok && flex.report.sag).toEqual(direct.ok && direct.report.sag);
    rerender({ p: { ...kayak, structure: null } });
    expect(result.current.busy).toBe(true);
    await waitFor(() => expect(result.current.flex).toEqual({ ok: false, reason: 'no-structure' }), {
      timeout: 5000,
    });
  });
  it('a report with the frame knows more than one without', async () => {
    const direct = flexReport(kayak, machineReport(kayak).axes);
    const { result, rerender } = renderHook(({ flex }) => useMachineReport(kayak, flex), {
      initialProps: { flex: null as Parameters<typeof useMachineReport>[1] },
    });
    const before = result.current.errors[0]!;
    rerender({ flex: direct.ok ? direct.report : null });
    expect(result.current.errors[0]!.missing).toBe(before.missing - 1);
    // The axes are not worked out again for it.
    expect(result.current.axes[0]!.findings.length).toBeGreaterThan(0);
  });
});

describe('what the next change buys, beside the page', () => {
  it('is worked out, ranked anew for another direction, stopped and begun again', async () => {
    const { result, rerender } = renderHook(({ way, ready }) => useImprovements(gate, way, ready), {
      initialProps: { way: 'x' as WayId, ready: false },
    });
    expect(result.current).toMatchObject({ list: null, step: null, stopped: false });
    rerender({ way: 'x', ready: true });
    await waitFor(() => expect(result.current.list).not.toBeNull(), { timeout: 15_000 });
    const first = result.current.list!;
    expect(first[0]!.gain.x).toBeGreaterThanOrEqual(first[1]!.gain.x);
    expect(result.current.step).toBeNull();
    rerender({ way: 'z', ready: true });
    await waitFor(() => expect(result.current.list).not.toBe(first), { timeout: 15_000 });
    expect(result.current.list![0]!.gain.z).toBeGreaterThanOrEqual(result.current.list![1]!.gain.z);
    rerender({ way: 'y', ready: true });
    await waitFor(() => expect(result.current.step).not.toBeNull(), { timeout: 15_000 });
    act(() => result.current.stop());
    expect(result.current).toMatchObject({ step: null, stopped: true });
    const stopped = result.current.list;
    act(() => result.current.again());
    await waitFor(() => expect(result.current.list).not.toBe(stopped), { timeout: 15_000 });
    expect(result.current.stopped).toBe(false);
  }, 60_000);
});
