'use client';

import Button from '@mui/material/Button';
import { memo, useId } from 'react';
import { byWeight, type Verdict } from '@/core/findings';
import { getAt } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { VerdictMark } from '@/ui/verdict-mark';
import { findingText, pulleyText, ratioText, verdictWords } from '@/words';
import { useAxis } from './axis-context';
import { AxisField } from './axis-field';
import { CurveEditor } from './curve-editor';
import { hintsFor } from './hints';
import type { FieldGroup, LinkChoice, LinkId, LinkSpec } from './link';
import styles from './panels.module.css';
import { linkOf, links } from './train';
import { wholePart } from './whole-part';

interface TrainProps {
  readonly open: LinkId | null;
  readonly onOpen: (link: LinkId | null) => void;
  readonly onExchange: (link: LinkId) => void;
}

/** The drive train as a chain of links, controller to guide; a link opens to its fields. */
export function TrainPanel({ open, ...props }: TrainProps) {
  const { stored } = useAxis();
  return (
    <section aria-labelledby="train-title">
      <h2 className={styles.heading} id="train-title">
        Drive train
      </h2>
      <ol className={styles.chain}>
        {links
          .filter((link) => link.there?.(stored) ?? true)
          .map((link) => (
            <Link key={link.id} link={link} {...props} open={open === link.id} />
          ))}
      </ol>
    </section>
  );
}

const bringIntoView = (element: HTMLElement | null) => element?.scrollIntoView?.({ block: 'nearest' });

interface LinkHeadProps {
  readonly id: LinkId;
  /** Id of what it opens to. */
  readonly opens: string;
  readonly open: boolean;
  readonly onOpen: (link: LinkId | null) => void;
  readonly verdict: Verdict;
  /** Whether any number of the link is ours. */
  readonly guessed: boolean;
  readonly title: string;
  readonly summary: string;
  readonly worst: string | undefined;
}

/** The head of a link, drawn anew only where its words change. */
const LinkHead = memo(function LinkHead(props: LinkHeadProps) {
  const { id, opens, open, onOpen, verdict, guessed, title, summary, worst } = props;
  return (
    <Button
      className={styles.linkHead ?? ''}
      aria-expanded={open}
      aria-controls={opens}
      onClick={() => onOpen(open ? null : id)}
    >
      <VerdictMark verdict={verdict} guessed={guessed} />
      <b>{title}</b>
      <span>{summary}</span>
      {worst && <em>{worst}</em>}
    </Button>
  );
});

type LinkProps = Omit<TrainProps, 'open'> & { readonly link: LinkSpec; readonly open: boolean };

function Link({ link, open, onOpen, onExchange }: LinkProps) {
  const id = useId();
  const { system } = useMachine();
  const { stored, report, index } = useAxis();
  const root = `axes.${index}.`;
  const mine = report.findings.filter((f) => linkOf(f.path.slice(root.length)) === link.id);
  const [worst] = mine.sort((a, b) => byWeight(a.verdict, b.verdict));
  const verdict: Verdict = worst?.verdict ?? 'holds';
  // A link that is left out is a choice of ours as long as anything is.
  const none = link.id === 'reducer' && !stored.reducer;
  const guessed = report.ours.some((path) => none || linkOf(path) === link.id);
  return (
    <li className={styles.link} data-verdict={verdict}>
      <LinkHead
        id={link.id}
        opens={id}
        open={open}
        onOpen={onOpen}
        verdict={verdict}
        guessed={guessed}
        title={link.title(stored)}
        summary={link.summary(stored, system)}
        worst={worst && `${verdictWords[verdict]}: ${findingText(worst, system).title.toLowerCase()}`}
      />
      {open && (
        // The fields open below the fold as often as not: bring them into view.
        <div className={styles.inset} id={id} ref={bringIntoView}>
          <Button
            size="small"
            variant="outlined"
            className={styles.exchange ?? ''}
            onClick={() => onExchange(link.id)}
          >
            Exchange for another part…
          </Button>
          <LinkFields link={link} />
        </div>
      )}
    </li>
  );
}

function LinkFields({ link }: { link: LinkSpec }) {
  const { stored } = useAxis();
  const { reducer, motor } = stored;
  return (
    <>
      {link.choices(stored).map((choice) => (
        <ChoiceField key={choice.path} choice={choice} />
      ))}
      {link.id === 'reducer' && reducer && (
        <p className={styles.hint}>
          {reducer.pulleys ? `${pulleyText(reducer.pulleys)} ` : ''}
          {ratioText(reducer.ratio.si)}
        </p>
      )}
      {link.id === 'motor' && motor.kind === 'hand' && <PlaceForMotor />}
      {hintsFor(link.id, stored).map((hint) => (
        <p key={hint} className={styles.hint}>
          {hint}
        </p>
      ))}
      {link.groups(stored).map((group) => (
        <Group key={group.paths[0]} group={group} />
      ))}
      {link.id === 'motor' && motor.kind === 'stepper' && motor.curve && <CurveEditor curve={motor.curve} />}
    </>
  );
}

/** What the motor must give that is to take the place of a hand. */
function PlaceForMotor() {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  const turn = report.figures.find((f) => f.id === 'travel-per-turn');
  if (!turn) return null;
  const speed = (2 * Math.PI * axis.demands.rapid.si * (axis.reducer?.ratio.si ?? 1)) / turn.value;
  const torque = Math.max(report.cases.rapid.torque, report.cases.cut.torque);
  return (
    <p className={styles.hint}>
      Keep its place for a motor: a journal and a flange now cost little. To do the same it must give{' '}
      {formatQuantity('torque', torque, system, 2).text} and turn{' '}
      {formatQuantity('angularSpeed', speed, system, 2).text}. Driver, supply and controller stay with the
      axis, and come back with it.
    </p>
  );
}

function Group({ group }: { group: FieldGroup }) {
  const fields = group.paths.map((path) => <AxisField key={path} path={path} />);
  if (!group.title) return <>{fields}</>;
  return (
    <Fold lazy level="h3" className={styles.group} summary={group.title}>
      {fields}
    </Fold>
  );
}

function ChoiceField({ choice }: { choice: LinkChoice }) {
  const { stored, editor } = useAxis();
  const now = choice.now ?? getAt(stored, choice.path);
  return (
    <Choice
      label={choice.label}
      value={typeof now === 'number' ? now : String(now)}
      options={choice.options}
      onPick={(next) => {
        const edits = wholePart[choice.path]?.(stored, String(next)) ?? [{ path: choice.path, value: next }];
        return editor.apply(edits, choice.label, choice.path);
      }}
    />
  );
}
