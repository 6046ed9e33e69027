import { describe, expect, it } from 'vitest';
import { bytesOf, sealed } from '@/core/link';
import { idealMechanism } from '@test/helpers/controller';
import { shake } from '@test/helpers/line-noise';
import { SEED } from '@test/helpers/chance';
import { controllerStandIn } from '.';

describe('a line full of noise', () => {
  it('2,000 mutated lines: no crash, nothing moves that was not commanded, and it answers afterwards', () =>
    expect(shake(SEED, 2000)).toEqual({ lines: 2000, stray: 0, unread: 0, recovers: true }));
  it('cut at any byte, the next line is read', () => {
    const line = [...bytesOf(sealed('7 arm key=bench'))];
    for (let cut = 0; cut < line.length; cut++) {
      const controller = controllerStandIn(idealMechanism().mechanism);
      let heard = '';
      controller.port.listen((bytes) => (heard += new TextDecoder().decode(bytes)));
      controller.port.send(Uint8Array.from([...line.slice(0, cut), 0x0a, ...bytesOf('8 hello')]));
      expect(heard).toContain('8 has name=bench-1');
      // A part of a request arms nothing, unless all of it but its check was there.
      if (cut < '7 arm key=bench'.length) expect(controller.mode()).toBe('unarmed');
    }
  });
  it('the same seed and the same requests give the same bytes', () =>
    expect(shake(5, 300)).toEqual(shake(5, 300)));
});
