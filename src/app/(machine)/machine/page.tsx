import { Overview } from '@/features/overview';

export const metadata = { title: 'Machine' };

export default function MachinePage() {
  return <Overview />;
}
