import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { circle, rect } from '@/core/drawing';
import { drawingDxf } from '@/core/formats';
import { applyEdits, guess, putInAxis, startingAxis, startingDrive } from '@/core/model';
import { openAxis } from '@test/helpers/bench';
import { address } from '@test/helpers/navigation';
import { renderOn } from '@test/helpers/session';
import { FitStation } from '..';

const mm = (v: number) => guess('length', `${v} mm`);
const axis = applyEdits(
  { ...startingAxis('plunge', 'a'), name: 'Plunge', drive: startingDrive('screw', 0.2) },
  [
    putInAxis('drive.nominalDiameter', mm(16)),
    putInAxis('drive.rootDiameter', mm(12.9)),
    putInAxis('guide.kind', 'miniature'),
    putInAxis('guide.size', mm(15)),
    putInAxis('guide.carriageLength', mm(59)),
    putInAxis('guide.carriageSpan', mm(200)),
    putInAxis('guide.spacing', mm(140)),
  ],
);
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

describe('plates on the Fit station', () => {
  beforeEach(() => {
    address.query = 'm=bench&a=a&v=plates';
  });
  it('comes out of the model, finds the mix-up, and is mended by one press', async () => {
    const session = await openAxis(axis);
    renderOn(session, <FitStation />);
    expect(screen.getByText('No plate is drawn yet.')).toBeInTheDocument();
    await press('Carriage plate');
    expect(
      screen.getByRole('img', { name: /^Carriage plate, 200 mm along .* holes in 3 groups/ }),
    ).toBeVisible();
    // By its length it is the long one, and so it is drawn.
    expect(screen.queryByRole('heading', { name: /mixed up/ })).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText('Length'), 'short');
    expect(await screen.findByRole('heading', { name: /mixed up/ })).toBeInTheDocument();
    // While something gives out nothing is written before somebody says so.
    expect(screen.getByRole('button', { name: 'DXF' })).toBeDisabled();
    await press(/^Try: Draw the plates for the long carriage/);
    await waitFor(() => expect(screen.queryByRole('heading', { name: /mixed up/ })).toBeNull());
    expect(session.project!.axes[0]!.fit.mount.row).toBe('long');
  });
  it('hands out files, and takes a ruler only where it is near 100 mm', async () => {
    const saved: { name: string; blob: Blob }[] = [];
    const url = vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      saved.push({ name: '', blob: blob as Blob });
      return 'blob:x';
    });
    const click = vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      saved.at(-1)!.name = this.download;
    });
    const session = await openAxis(axis);
    renderOn(session, <FitStation />);
    await press('Carriage plate');
    await press('DXF');
    await waitFor(() => expect(saved).toHaveLength(1));
    expect(saved[0]!.name).toBe('carriage-plate-mm.dxf');
    expect(await saved[0]!.blob.text()).toContain('THRU_3_4');
    await press('Template 1 : 1');
    await waitFor(() => expect(saved).toHaveLength(2));
    expect((await saved[1]!.blob.text()).startsWith('%PDF')).toBe(true);
    await userEvent.type(screen.getByRole('textbox', { name: 'Ruler across read' }), '86 mm{Enter}');
    expect(await screen.findByText(/wanted what the ruler of 100 mm measures/)).toBeInTheDocument();
    url.mockRestore();
    click.mockRestore();
  });
  it('an own plate takes holes of its own, by pattern and place', async () => {
    const session = await openAxis(axis);
    renderOn(session, <FitStation />);
    await press('One of your own');
    await userEvent.selectOptions(screen.getByLabelText('Add holes for'), 'own');
    await press('A Own holes');
    await userEvent.selectOptions(await screen.findByLabelText('Pattern'), 'circle');
    await userEvent.type(screen.getByLabelText('Bolt circle'), '40 mm{Enter}');
    await userEvent.selectOptions(screen.getByLabelText('Screw'), 'M5');
    await press('Add a place');
    const { groups } = session.project!.axes[0]!.fit.plates[0]!;
    expect(groups[0]).toMatchObject({ thread: 'M5', pattern: { kind: 'circle' } });
    expect(screen.getByRole('img', { name: /6 holes in 1 group$/ })).toBeVisible();
    await press('Remove Plate of your own');
    expect(session.project!.axes[0]!.fit.plates).toEqual([]);
  });
  it('takes an outline with its holes out of a DXF file, and says why it takes another not', async () => {
    const session = await openAxis(axis);
    renderOn(session, <FitStation />);
    await press('One of your own');
    const input = screen.getByLabelText('Outline as DXF');
    const dxf = drawingDxf({
      scale: 1000,
      shapes: [
        rect('OUTLINE', 0.1, 0.1, 0.3, 0.2, { pen: { ink: 'ink', width: 1 } }),
        circle('THRU', { x: 0.15, y: 0.15 }, 0.0033, { pen: { ink: 'ink', width: 1 } }),
      ],
    });
    await userEvent.upload(input, new File(['nothing'], 'photo.dxf', { type: 'image/vnd.dxf' }));
    expect(await screen.findByText(/photo.dxf: no lines were read; wanted a DXF file/)).toBeInTheDocument();
    await userEvent.upload(input, new File([dxf], 'plate.dxf', { type: 'image/vnd.dxf' }));
    await waitFor(() => expect(session.project!.axes[0]!.fit.plates[0]!.outline).toHaveLength(4));
    const plate = session.project!.axes[0]!.fit.plates[0]!;
    expect([plate.along!.typed, plate.across!.typed]).toEqual(['300 mm', '200 mm']);
    expect(plate.groups[0]!.at.map((p) => [p.x.typed, p.y.typed])).toEqual([['50 mm', '50 mm']]);
    expect(screen.getByRole('img', { name: /1 hole in 1 group$/ })).toBeVisible();
    await press('A rectangle again');
    expect(session.project!.axes[0]!.fit.plates[0]!.outline).toEqual([]);
  });
});
