import { FitStation } from '@/features/fit';

export const metadata = { title: 'Fit' };

export default function FitPage() {
  return <FitStation />;
}
