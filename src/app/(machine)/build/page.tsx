import { BuildStation } from '@/features/build';

export const metadata = { title: 'Build' };

export default function BuildPage() {
  return <BuildStation />;
}
