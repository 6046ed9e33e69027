import { Overview } from '../parts';

export const metadata = { title: 'Machine' };

export default function MachinePage() {
  return <Overview />;
}
