'use client';

import { useEffect } from 'react';
import { type Session, useSessionState, useStorage } from '@/session';
import { useMachine } from './machine-context';
import { useKnown } from './reports-context';

/** So long nothing changes before what the axes came to is kept, ms. */
const PAUSE = 800;

/** Keeps what the axes came to, so that the next page can show it before it is worked out anew. */
export function KeepAnswer({ session }: { session: Session }) {
  const { project } = useMachine();
  const { loaded } = useKnown();
  const storage = useStorage();
  const saved = useSessionState(session, (s) => s.save.kind === 'saved');
  useEffect(() => {
    if (!saved || !storage) return;
    const axes = loaded.map(({ report }, i) => ({
      id: report.axisId,
      name: project.axes[i]?.name ?? '',
      verdict: report.verdict,
      guessed: report.ours.length > 0,
    }));
    const keep = () => {
      // Somebody may have typed on meanwhile, here or in another tab.
      const stamp = session.project === project ? session.storedAs : null;
      if (stamp !== null) void storage.keepAnswer(project.id, stamp, axes).catch(() => undefined);
    };
    const timer = setTimeout(keep, PAUSE);
    return () => clearTimeout(timer);
  }, [saved, storage, session, project, loaded]);
  return null;
}
