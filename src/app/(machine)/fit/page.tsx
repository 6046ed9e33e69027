import { FitStation } from '../parts';

export const metadata = { title: 'Fit' };

export default function FitPage() {
  return <FitStation />;
}
