import { ProveStation } from '../parts';

export const metadata = { title: 'Prove' };

export default function ProvePage() {
  return <ProveStation />;
}
