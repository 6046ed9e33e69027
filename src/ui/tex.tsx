'use client';

import katex from 'katex';
import 'katex/dist/katex.min.css';
import { useMemo } from 'react';

// The TeX is made of our own formulas and of numbers, never of a text that a user typed.
const set = (tex: string, displayMode: boolean) =>
  katex.renderToString(tex, { displayMode, throwOnError: false, strict: false });

/** A typeset formula on a line of its own. */
export function Tex({
  tex,
  label,
  className,
}: {
  tex: string;
  label: string;
  className?: string | undefined;
}) {
  const html = useMemo(() => set(tex, true), [tex]);
  return (
    <div
      className={className}
      tabIndex={0}
      role="group"
      aria-label={label}
      dangerouslySetInnerHTML={{ __html: html }}
    />
  );
}

/** A typeset symbol inside a text. */
export function TexSymbol({ tex }: { tex: string }) {
  const html = useMemo(() => set(tex, false), [tex]);
  return <span dangerouslySetInnerHTML={{ __html: html }} />;
}
