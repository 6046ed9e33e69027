'use client';

import { type LinkSeed, proposedStacks, type StackProposal } from '@/core/machine';
import type { Axis, Edit, Plain, StackGapInput, StackLinkInput } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import type { Refused } from '@/ui/refusal';
import { dimensionText, linkText, stackProposalText } from '@/words';

/** Everything that changes the stack-ups of an axis. */
export interface StackEdits {
  readonly take: (proposal: StackProposal) => Refused;
  readonly addLink: (from: string) => Refused;
  readonly addGap: () => Refused;
  readonly removeLink: (id: string) => Refused;
  readonly removeGap: (id: string) => Refused;
}

/** The name of a link that we propose. */
const nameOf = ({ id, says }: LinkSeed) => (says ? dimensionText[says] : (linkText[id] ?? id));

const emptyLink = (from: string): StackLinkInput => ({
  id: freshId(),
  name: 'New link',
  from,
  to: 'new plane',
  says: null,
  part: '',
  published: null,
  drawn: null,
  measured: null,
  doubt: null,
  plus: null,
  minus: null,
  shape: 'unknown',
  lot: '',
});

const emptyGap = (): StackGapInput => ({
  id: freshId(),
  name: 'New stack-up',
  from: 'one face',
  to: 'the other face',
  least: null,
  most: null,
  target: null,
  mend: 'shim',
  body: { width: null, length: null },
  side: null,
  runs: 'with',
});

/** Stack-ups of the axis at a place in the machine. */
export function useStack(axis: Axis, index: number): StackEdits & { proposals: readonly StackProposal[] } {
  const { editor } = useMachine();
  const { links, gaps } = axis.fit.stack;
  const set = (next: Partial<Axis['fit']['stack']>, label: string) => {
    const edits = Object.entries(next).map(([list, value]): Edit => ({
      path: `axes.${index}.fit.stack.${list}`,
      value: value as Plain,
    }));
    return editor.apply(edits, label);
  };
  return {
    proposals: proposedStacks(axis),
    take: ({ id, links: seeds, gap }) => {
      const text = stackProposalText[id];
      return set(
        {
          links: [...links, ...seeds.map((seed) => ({ ...seed, name: nameOf(seed) }))],
          gaps: [...gaps, { ...gap, name: text.gap }],
        },
        `Stack-up: ${text.title}`,
      );
    },
    addLink: (from) => set({ links: [...links, emptyLink(from)] }, 'Added a link'),
    addGap: () => set({ gaps: [...gaps, emptyGap()] }, 'Added a stack-up'),
    removeLink: (id) => set({ links: links.filter((l) => l.id !== id) }, 'Removed a link'),
    removeGap: (id) => set({ gaps: gaps.filter((g) => g.id !== id) }, 'Removed a stack-up'),
  };
}
