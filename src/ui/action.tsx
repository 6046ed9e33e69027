'use client';

import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import useEventCallback from '@mui/utils/useEventCallback';
import { isValidElement, memo, type ReactElement, type ReactNode } from 'react';
import { type Refused, useRefusal } from './refusal';

interface ActionProps {
  /** Makes a change; gives the reason where it was refused. Left out where it submits a form. */
  readonly onAct?: (() => Refused | void) | undefined;
  readonly children: ReactNode;
  readonly className?: string | undefined;
  readonly disabled?: boolean | undefined;
  readonly title?: string | undefined;
  readonly label?: string | undefined;
  readonly icon?: ReactNode;
  readonly variant?: 'text' | 'outlined' | 'contained' | undefined;
  /** For one of several that are chosen among: whether it is the one. */
  readonly pressed?: boolean | undefined;
  readonly submit?: boolean | undefined;
}

/** A sign without anything inside, made anew by whoever draws it. */
const isSign = (value: unknown): value is ReactElement<Record<string, unknown>> =>
  isValidElement<Record<string, unknown>>(value) && !value.props.children;

/** Whether two values draw alike: the same one, or two signs of one kind that are told the same. */
function alike(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (!isSign(a) || !isSign(b) || a.type !== b.type) return false;
  const [one, other] = [a.props, b.props];
  const keys = Object.keys(one);
  return keys.length === Object.keys(other).length && keys.every((k) => Object.is(one[k], other[k]));
}

/** Whether two buttons read alike. */
function sameLook(a: object, b: object): boolean {
  const [one, other] = [a, b] as Record<string, unknown>[];
  const keys = Object.keys(one!);
  return keys.length === Object.keys(other!).length && keys.every((key) => alike(one![key], other![key]));
}

/*
 * The library's buttons are dear to draw: they keep still while they read as before, whatever they would do
 * when they are pressed.
 */
const StillButton = memo(Button, sameLook);
const StillIconButton = memo(IconButton, sameLook);

/** A word that changes something; where the change is refused the reason stands below it. */
export function Action(props: ActionProps) {
  const { onAct, children, className, disabled, title, label, icon, variant, pressed, submit } = props;
  const refusal = useRefusal();
  const act = useEventCallback(() => {
    if (onAct) refusal.attempt(onAct);
  });
  return (
    <>
      <StillButton
        size="small"
        variant={variant ?? 'text'}
        className={className ?? ''}
        disabled={disabled ?? false}
        title={title}
        type={submit ? 'submit' : 'button'}
        aria-label={label}
        aria-pressed={pressed}
        aria-describedby={refusal.id}
        startIcon={icon}
        onClick={act}
      >
        {children}
      </StillButton>
      {refusal.note}
    </>
  );
}

/** A sign that changes something. @param label what it does, for those who do not see the sign. */
export function IconAction({
  onAct,
  children,
  label,
  disabled,
  title,
}: Pick<ActionProps, 'onAct' | 'children' | 'disabled' | 'title'> & { readonly label: string }) {
  const refusal = useRefusal();
  const act = useEventCallback(() => {
    if (onAct) refusal.attempt(onAct);
  });
  return (
    <>
      <StillIconButton
        size="small"
        aria-label={label}
        aria-describedby={refusal.id}
        title={title}
        disabled={disabled ?? false}
        onClick={act}
      >
        {children}
      </StillIconButton>
      {refusal.note}
    </>
  );
}
