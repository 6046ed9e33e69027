'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { formulaById } from '@/core/handbook';
import { FormulaPage } from './formula-page';

/** The formula that the address names. */
export function PickedFormula() {
  const id = useSearchParams().get('f') ?? '';
  const title = formulaById(id)?.title;
  useEffect(() => {
    if (title) document.title = `${title} · Rugged Carriage`;
  }, [title]);
  return <FormulaPage id={id} />;
}
