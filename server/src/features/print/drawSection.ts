import type { MetalName } from '@kesto/core';
import type { Box, Page } from './printer';
import { femaleOutline, filletPath, maleOutline, viewOf, type Point, type SectionJoint } from '@kesto/core/section';

const INK = '#1D1B19';
const GREY = '#8C8F94';

/** Fill and slope of the hatching: metals are told apart in black and white too. */
function paint(metal: MetalName): { fill: string; slope: 1 | -1; dense: boolean } {
  if (metal === 'copper' || metal === 'copper-iron' || metal === 'copper-nickel') return { fill: '#DB9264', slope: 1, dense: false };
  if (metal === 'aluminium') return { fill: '#D5DADF', slope: 1, dense: false };
  if (metal.includes('steel') || metal === 'nickel-alloy') return { fill: '#B9BCC0', slope: 1, dense: true };
  return { fill: '#D3B75C', slope: -1, dense: false };
}

const closed = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join(' L')} Z`;

function hatched(page: Page, outline: string, metal: MetalName, box: Box): void {
  const { fill, slope, dense } = paint(metal);
  page.path(outline).fill(fill);
  page.save().path(outline).clip().lineWidth(0.4).strokeColor(INK);
  const step = dense ? 3 : 5;
  for (let x = box.x - box.height; x < box.x + box.width + box.height; x += step) {
    page.moveTo(x, slope === 1 ? box.y + box.height : box.y).lineTo(x + box.height, slope === 1 ? box.y : box.y + box.height);
  }
  page.stroke().restore();
  page.path(outline).lineWidth(1).strokeColor(INK).stroke();
}

/** The joint in section, to scale, inside a box; answers with the scale [points a millimetre]. */
export function drawSection(page: Page, joint: SectionJoint, box: Box): number {
  const view = viewOf(joint);
  const scale = Math.min(box.width / (view.right - view.left), box.height / (2 * view.half));
  const left = box.x + (box.width - (view.right - view.left) * scale) / 2;
  const axis = box.y + box.height / 2;
  const toX = (mm: number) => left + (mm - view.left) * scale;
  for (const side of [-1, 1]) {
    const to = ([x, y]: Point): Point => [toX(x), axis + side * y * scale];
    hatched(page, closed(femaleOutline(joint, view).map(to)), joint.female.metal, box);
    hatched(page, closed(maleOutline(joint, view).map(to)), joint.male.metal, box);
    page.path(filletPath(joint, to)).fillAndStroke(GREY, INK);
  }
  page
    .dash(8, { space: 3 })
    .lineWidth(0.6)
    .strokeColor(GREY)
    .moveTo(box.x, axis)
    .lineTo(box.x + box.width, axis)
    .stroke()
    .undash();
  const under = axis + (joint.female.bore / 2 + joint.female.wall) * scale + 14;
  page.lineWidth(0.8).strokeColor(INK).moveTo(toX(0), under).lineTo(toX(joint.female.depth), under).stroke();
  for (const x of [toX(0), toX(joint.female.depth)])
    page
      .moveTo(x, under - 4)
      .lineTo(x, under + 4)
      .stroke();
  return scale;
}
