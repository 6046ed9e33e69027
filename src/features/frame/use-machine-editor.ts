'use client';

import { useMemo } from 'react';
import type { Edit } from '@/core/findings';
import { type Basis, brokenRule, fieldRuleAt, getAt, type Measure, rangeInWords } from '@/core/model';
import { displayUnit, explainParseError, parseQuantity, type UnitSystem } from '@/core/units';
import type { Session } from '@/session';
import type { Taken } from '@/ui/quantity-field';

export interface MachineEditor {
  /** Takes a typed text for a measured input. */
  readonly type: (path: string, text: string, visit: string) => Taken;
  readonly setBasis: (path: string, basis: Basis) => void;
  /** Sets a choice or any other edit; gives the reason back if a rule forbids it. */
  readonly apply: (edits: readonly Edit[], label: string, touched?: string) => string | undefined;
}

/** An input of an axis has one rule, whichever axis it stands in. */
const ruleAt = (path: string) => fieldRuleAt(path.replace(/^axes\.\d+\./, ''));

/**
 * Everything that changes a machine, through the one place where edits go. Paths lead from its root. @param
 * labelOf names an input.
 */
export function useMachineEditor(
  session: Session,
  system: UnitSystem,
  labelOf: (path: string) => string,
): MachineEditor {
  return useMemo(() => {
    const apply: MachineEditor['apply'] = (edits, label, touched) => {
      const [issue] = session.editMachine(edits, { label, ...(touched ? { touched } : {}) });
      return issue && `${issue.read ?? ''}: wanted ${issue.wanted}${issue.why ? `; ${issue.why}` : ''}.`;
    };
    return {
      apply,
      type(path, text, visit) {
        const rule = ruleAt(path);
        const { project } = session;
        if (!rule || !project || getAt(project, path) === undefined)
          return { error: 'This field is not there any more.' };
        const before = getAt(project, path) as Measure | null;
        const label = labelOf(path);
        if (text.trim() === '') {
          const [issue] = session.editMachine([{ path, value: null }], {
            label,
            mergeKey: `${path}:${visit}`,
            touched: path,
          });
          return issue ? { error: issue.wanted } : { typed: '' };
        }
        const unit = displayUnit(rule.kind, system).symbol;
        const read = parseQuantity(rule.kind, text, unit);
        if (!read.ok) return { error: explainParseError(rule.kind, read.error) };
        if (brokenRule(rule, read.si))
          return { error: `${label}: read “${text.trim()}”; wanted ${rangeInWords(rule)}.` };
        // What is stored carries its unit, so that it still means the same in a file or on another sheet.
        const typed = parseQuantity(rule.kind, text).ok ? text.trim() : `${text.trim()} ${unit}`.trim();
        const value = {
          ...(before?.spread ? { spread: before.spread } : {}),
          typed,
          si: read.si,
          basis: before?.basis ?? ('estimate' as const),
        };
        const [issue] = session.editMachine([{ path, value }], {
          label,
          mergeKey: `${path}:${visit}`,
          touched: path,
        });
        return issue
          ? {
              error:
                `Read ${issue.read ?? text}; wanted ` +
                `${issue.wanted}${issue.why ? ` (${issue.why})` : ''}.`,
            }
          : { typed };
      },
      setBasis(path, basis) {
        const before = session.project && (getAt(session.project, path) as Measure | null | undefined);
        if (before) apply([{ path, value: { ...before, basis } }], `Basis of ${labelOf(path).toLowerCase()}`);
      },
    };
  }, [session, system, labelOf]);
}
