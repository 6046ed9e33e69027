import { BriefStation } from '../parts';

export const metadata = { title: 'Brief' };

export default function BriefPage() {
  return <BriefStation />;
}
