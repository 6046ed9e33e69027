import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { everyAxis } from '@test/helpers/axes';
import { openAxis, renderBench } from '@test/helpers/bench';
import { links } from '../train';
import { TrainPanel } from '../train-panel';

describe('the train', () => {
  it.each(everyAxis().map((a) => [`${a.name}, ${a.drive.kind}`, a] as const))(
    '%s: every link opens to its fields and choices, and can be exchanged',
    async (_name, axis) => {
      const onExchange = vi.fn();
      const session = await openAxis(axis);
      for (const link of links.filter((l) => l.there?.(axis) ?? true)) {
        renderBench(session, <TrainPanel open={link.id} onOpen={vi.fn()} onExchange={onExchange} />);
        await userEvent.click(screen.getByRole('button', { name: /^Exchange for another part/ }));
        expect(onExchange).toHaveBeenLastCalledWith(link.id);
        for (const choice of link.choices(axis))
          expect(screen.getByLabelText(choice.label, { selector: 'select' })).toBeInTheDocument();
        cleanup();
      }
    },
  );
});
