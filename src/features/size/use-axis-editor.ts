'use client';

import { useCallback, useMemo } from 'react';
import type { Edit } from '@/core/findings';
import { type Axis, type Basis, brokenRule, fieldRuleAt, getAt, type Measure, rangeInWords } from '@/core/model';
import { displayUnit, explainParseError, parseQuantity, type UnitSystem } from '@/core/units';
import type { Session } from '@/session';
import type { Taken } from '@/ui/quantity-field';
import { labelOf } from './labels';

export interface AxisEditor {
  /** Takes a typed text for a measured input. */
  readonly type: (path: string, text: string, visit: string) => Taken;
  readonly setBasis: (path: string, basis: Basis) => void;
  /** Sets a choice or any other edit; gives the reason back if a rule forbids it. */
  readonly apply: (edits: readonly Edit[], label: string, touched?: string) => string | undefined;
}

/** Everything that changes one axis, through the one place where edits go. */
export function useAxisEditor(session: Session, index: number, system: UnitSystem): AxisEditor {
  const axisNow = useCallback((): Axis | undefined => session.project?.axes[index], [session, index]);

  return useMemo(() => {
    const apply: AxisEditor['apply'] = (edits, label, touched) => {
      const [issue] = session.editAxis(index, edits, { label, ...(touched ? { touched } : {}) });
      return issue && `${issue.read ?? ''}: wanted ${issue.wanted}${issue.why ? `; ${issue.why}` : ''}.`;
    };
    return {
      apply,
      type(path, text, visit) {
        const rule = fieldRuleAt(path);
        const axis = axisNow();
        if (!rule || !axis) return { error: 'This field is not there any more.' };
        const before = getAt(axis, path) as Measure | null;
        const label = labelOf(path);
        if (text.trim() === '') {
          const [issue] = session.editAxis(index, [{ path, value: null }], { label, mergeKey: `${path}:${visit}`, touched: path });
          return issue ? { error: issue.wanted } : { typed: '' };
        }
        const unit = displayUnit(rule.kind, system).symbol;
        const read = parseQuantity(rule.kind, text, unit);
        if (!read.ok) return { error: explainParseError(rule.kind, read.error) };
        if (brokenRule(rule, read.si)) return { error: `${label}: read “${text.trim()}”; wanted ${rangeInWords(rule)}.` };
        // What is stored carries its unit, so that it still means the same in a file or on another sheet.
        const typed = parseQuantity(rule.kind, text).ok ? text.trim() : `${text.trim()} ${unit}`.trim();
        const value = { ...(before?.spread ? { spread: before.spread } : {}), typed, si: read.si, basis: before?.basis ?? ('estimate' as const) };
        const [issue] = session.editAxis(index, [{ path, value }], { label, mergeKey: `${path}:${visit}`, touched: path });
        return issue ? { error: `Read ${issue.read ?? text}; wanted ${issue.wanted}${issue.why ? ` (${issue.why})` : ''}.` } : { typed };
      },
      setBasis(path, basis) {
        const axis = axisNow();
        const before = axis && (getAt(axis, path) as Measure | null);
        if (before) apply([{ path, value: { ...before, basis } }], `Basis of ${labelOf(path).toLowerCase()}`);
      },
    };
  }, [session, index, system, axisNow]);
}
