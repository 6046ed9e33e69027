import { type BundleFault, MOST_BUNDLE_BYTES } from '@/core/formats';

const texts: Record<BundleFault['code'], (name: string) => string> = {
  'not-a-zip': () => 'It is no zip, or it ends too early; wanted a bundle as it was handed out.',
  'too-large': () => `It is larger than ${MOST_BUNDLE_BYTES / 2 ** 20} MB.`,
  'too-many': () => 'It holds more entries than any bundle; wanted one as it was handed out.',
  swells: (name) => `${name}: it would unpack to more than a bundle may hold. Nothing was unpacked.`,
  'no-manifest': (name) =>
    `${name}: missing, or it is no list of what is inside. Is it a bundle of a machine?`,
  missing: (name) => `${name}: missing, though the list of what is inside names it.`,
  altered: (name) => `${name}: not as it was when the bundle was made.`,
  'not-named': (name) => `${name}: the list of what is inside does not name it.`,
};

/** Why a bundle was not taken, in words. */
export const bundleFaultText = ({ code, name }: BundleFault): string => texts[code](name);
