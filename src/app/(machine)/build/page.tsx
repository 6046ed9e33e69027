import { BuildStation } from '../parts';

export const metadata = { title: 'Build' };

export default function BuildPage() {
  return <BuildStation />;
}
