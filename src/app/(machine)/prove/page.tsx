import { ProveStation } from '@/features/prove';

export const metadata = { title: 'Prove' };

export default function ProvePage() {
  return <ProveStation />;
}
