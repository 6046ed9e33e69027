'use client';

import { FirstLook, Opening } from '@/features/frame';
import { part } from '@/ui/part';

/*
 * What a page of a machine is made of comes after its first paint: the frame, and each station by itself.
 */

const loads = {
  brief: () => import('@/features/brief').then((m) => m.BriefStation),
  build: () => import('@/features/build').then((m) => m.BuildStation),
  fit: () => import('@/features/fit').then((m) => m.FitStation),
  log: () => import('@/features/log').then((m) => m.LogStation),
  machine: () => import('@/features/overview').then((m) => m.Overview),
  prove: () => import('@/features/prove').then((m) => m.ProveStation),
  size: () => import('@/features/size').then((m) => m.SizeStation),
} as const;

export const BriefStation = part(loads.brief, <Opening />);
export const BuildStation = part(loads.build, <Opening />);
export const FitStation = part(loads.fit, <Opening />);
export const LogStation = part(loads.log, <Opening />);
export const Overview = part(loads.machine, <Opening />);
export const ProveStation = part(loads.prove, <Opening />);
export const SizeStation = part(loads.size, <Opening />);

/** Fetches what stands on a page beside its frame, not after it. What fails is told where it is missing. */
function ahead(page: string): void {
  const load = Object.entries(loads).find(([name]) => name === page)?.[1];
  void load?.().catch(() => undefined);
}

/** Around them: the open machine. Until it is there its name and last verdicts stand in its place. */
export const Framed = part(() => import('./framed').then((m) => m.Framed), <FirstLook onSeen={ahead} />);
