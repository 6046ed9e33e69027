'use client';

import { type Proposal, readableFor } from '@/core/upgrade';
import { type Plain, put, type Upgrade } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import type { Refused } from '@/ui/refusal';
import { upgradeText } from '@/words';

export type UpgradeChange = Partial<Omit<Upgrade, 'id'>>;

const putUpgrades = (upgrades: readonly Upgrade[]) => put<string>('upgrades', upgrades as unknown as Plain);

const blank = (id: string, at: string): Upgrade => ({
  id,
  at,
  name: '',
  axis: '',
  code: '',
  state: 'planned',
  doneAt: '',
  money: null,
  minutes: null,
  measure: null,
  before: null,
  after: null,
  note: '',
});

/** What an upgrade is remembered by: the change that proposed it. */
export const codeOf = ({ id }: Proposal): string => id.slice(0, 80);

/** Upgrades that were written down, and what can be done with them; each a step that can be undone. */
export function useUpgrades() {
  const { project, editor, system } = useMachine();
  const { upgrades } = project;
  const add = (more: UpgradeChange): { readonly id: string } | { readonly refused: string } => {
    const upgrade = { ...blank(freshId(), new Date().toISOString()), ...more };
    const refused = editor.apply([putUpgrades([...upgrades, upgrade])], `Upgrade: ${upgrade.name}`);
    return refused ? { refused } : { id: upgrade.id };
  };
  return {
    upgrades,
    /** @param goal figure that it is to better. */
    note: (proposal: Proposal, goal: string, minutes: number | null) => {
      const { money } = proposal;
      const readable = readableFor(proposal, goal);
      return add({
        name: upgradeText(proposal.change, system).slice(0, 160),
        axis: proposal.axis,
        code: codeOf(proposal),
        money: money === null ? null : Math.max(0, Math.round(money * 100) / 100),
        minutes,
        measure: readable && {
          what: readable.what,
          kind: readable.kind,
          better: readable.better,
          foretold: { before: readable.before, after: readable.after },
        },
      });
    },
    own: () => add({ name: 'An upgrade of my own' }),
    change: (id: string, change: UpgradeChange): Refused =>
      editor.apply([putUpgrades(upgrades.map((u) => (u.id === id ? { ...u, ...change } : u)))], 'Upgrade'),
    remove: (id: string): Refused =>
      editor.apply([putUpgrades(upgrades.filter((u) => u.id !== id))], 'Upgrade gone'),
  };
}

export type UpgradeActs = ReturnType<typeof useUpgrades>;
