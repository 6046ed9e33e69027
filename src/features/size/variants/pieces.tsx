'use client';

import { useMemo } from 'react';
import type { Plan } from '@/core/changes';
import { linkGroups } from '@/core/variants';
import { DifferenceSections } from '@/features/findings';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import type { Refused } from '@/ui/refusal';
import { linkGroupName } from '@/words';

interface PiecesProps {
  readonly before: Plan;
  readonly after: Plan;
  readonly names: readonly [before: string, after: string];
  /** Takes pieces of the second into the first. */
  readonly onTake: (ids: readonly string[], label: string) => Refused;
}

/** What differs between two plans, piece by piece; each can be taken over by itself. */
export function Pieces({ before, after, names, onTake }: PiecesProps) {
  const { system } = useMachine();
  const groups = useMemo(() => linkGroups(before, after), [before, after]);
  if (!groups.length) return <p role="status">Both are the same plan.</p>;
  const take = `Take into ${names[0]}`;
  const sections = groups.map((group) => {
    const title = linkGroupName(group, [before, after]);
    const act = (
      <Action label={`${take}: ${title}`} onAct={() => onTake([group.id], `${title}, out of ${names[1]}`)}>
        {take}
      </Action>
    );
    return { title, differences: group.differences, act };
  });
  return <DifferenceSections {...{ sections, before, after, system, names }} />;
}
