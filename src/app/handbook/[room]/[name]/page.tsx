import { notFound } from 'next/navigation';
import { formulaById, formulas } from '@/core/handbook';
import { FormulaPage } from '@/features/handbook';

interface Props {
  readonly params: Promise<{ readonly room: string; readonly name: string }>;
}

/** One static page for each formula. */
export const generateStaticParams = () =>
  formulas.map((f) => {
    const [room = '', name = ''] = f.id.split('/');
    return { room, name };
  });

export const dynamicParams = false;

export async function generateMetadata({ params }: Props) {
  const { room, name } = await params;
  return { title: formulaById(`${room}/${name}`)?.title ?? 'Handbook' };
}

export default async function HandbookFormulaPage({ params }: Props) {
  const { room, name } = await params;
  const id = `${room}/${name}`;
  if (!formulaById(id)) notFound();
  return <FormulaPage id={id} />;
}
