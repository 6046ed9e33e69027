import { describe, expect, it } from 'vitest';
import { bundleFaultText } from '.';

describe('why a bundle is not taken', () => {
  it('names the entry, where it is one that is wrong', () => {
    for (const code of ['swells', 'no-manifest', 'missing', 'altered', 'not-named'] as const)
      expect(bundleFaultText({ code, name: 'files/a.jpg' })).toMatch(/^files\/a\.jpg: \S.*[.?]$/);
  });
  it('says what is wanted, where it is the whole', () => {
    for (const code of ['not-a-zip', 'too-large', 'too-many'] as const)
      expect(bundleFaultText({ code, name: '' })).toMatch(/^It [a-z].*\.$/);
    expect(bundleFaultText({ code: 'too-large', name: '' })).toContain('600 MB');
  });
});
