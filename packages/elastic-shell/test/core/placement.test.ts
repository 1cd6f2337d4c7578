import fc from 'fast-check';
import { parseArea, place, type PlacementQuestion } from '../../src/core/layers/placement';

const boundary = { x: 0, y: 0, width: 1000, height: 800 };
const sides = ['block-start', 'block-end', 'inline-start', 'inline-end'];
const areas = sides.flatMap((side) => {
  const across = side.startsWith('block') ? 'inline' : 'block';
  return [side, `${side} span-${across}-start`, `${side} span-${across}-end`];
});
const pixels = (min: number, max: number) => fc.integer({ min, max });
const questions = fc.record({
  area: fc.constantFrom(...areas),
  direction: fc.constantFrom('ltr' as const, 'rtl' as const),
  anchor: fc.record({ x: pixels(0, 950), y: pixels(0, 750), width: pixels(0, 200), height: pixels(0, 100) }),
  layer: fc.record({ width: pixels(0, 1200), height: pixels(0, 900) }),
  gap: pixels(0, 12),
  edgeGap: pixels(0, 16),
  boundary: fc.constant(boundary),
});
const mirror = (question: PlacementQuestion): PlacementQuestion => ({
  ...question,
  direction: question.direction === 'ltr' ? 'rtl' : 'ltr',
  anchor: { ...question.anchor, x: boundary.width - question.anchor.x - question.anchor.width },
});

describe('placement', () => {
  it('stays within the boundary whenever the layer fits, beside the anchor with the gap between', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const { fits, x, y, area } = place(question);
        if (!fits) return;
        const { layer, edgeGap, anchor, gap } = question;
        expect(x).toBeGreaterThanOrEqual(edgeGap);
        expect(y).toBeGreaterThanOrEqual(edgeGap);
        expect(x + layer.width).toBeLessThanOrEqual(boundary.width - edgeGap);
        expect(y + layer.height).toBeLessThanOrEqual(boundary.height - edgeGap);
        const distances = area.startsWith('block')
          ? [y - anchor.y - anchor.height, anchor.y - y - layer.height]
          : [x - anchor.x - anchor.width, anchor.x - x - layer.width];
        expect(distances).toContain(gap);
      }),
    );
  });

  it('takes the first area that fits, else one that has the most room', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const only = (area: string) => place({ ...question, area, fallbacks: [] });
        const { axis } = parseArea(question.area);
        const flipBlock = (area: string) =>
          area.replace(/block-(start|end)/, (_, end) => `block-${end === 'start' ? 'end' : 'start'}`);
        const flipInline = (area: string) =>
          area.replace(/inline-(start|end)/, (_, end) => `inline-${end === 'start' ? 'end' : 'start'}`);
        const swap = (area: string) =>
          area.replace(/block|inline/g, (axisName) => (axisName === 'block' ? 'inline' : 'block'));
        const tries = [
          question.area,
          flipBlock(question.area),
          flipInline(question.area),
          flipBlock(flipInline(question.area)),
          ...(axis === 'inline' ? [swap(question.area), flipBlock(swap(question.area))] : []),
        ].map(only);
        const chosen = place(question);
        const first = tries.find(({ fits }) => fits);
        if (first) expect(chosen).toEqual(first);
        else {
          const { width, height } = question.layer;
          const shown = ({ room }: typeof chosen) =>
            Math.min(width, room.width) * Math.min(height, room.height);
          expect(shown(chosen)).toBe(Math.max(...tries.map(shown)));
        }
      }),
    );
  });

  it('is mirrored by the writing direction', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const one = place(question);
        const other = place(mirror(question));
        expect(other.area).toBe(one.area);
        expect(other.y).toBe(one.y);
        const width = Math.min(question.layer.width, one.room.width);
        expect(other.x).toBeCloseTo(boundary.width - one.x - width);
      }),
    );
  });

  it('keeps the arrow on the edge of the layer, and on the anchor where the two overlap', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const { arrow, area, x, y, room } = place(question);
        const block = area.startsWith('block');
        const breadth = block
          ? Math.min(question.layer.width, room.width)
          : Math.min(question.layer.height, room.height);
        expect(arrow).toBeGreaterThanOrEqual(0);
        expect(arrow).toBeLessThanOrEqual(breadth);
        const { anchor } = question;
        const [from, to, start] = block
          ? [anchor.x, anchor.x + anchor.width, x]
          : [anchor.y, anchor.y + anchor.height, y];
        if (start <= from && start + breadth >= to) {
          expect(start + arrow).toBeGreaterThanOrEqual(from);
          expect(start + arrow).toBeLessThanOrEqual(to);
        }
      }),
    );
  });

  it('never gives more room than there is, nor less than none', () => {
    fc.assert(
      fc.property(questions, (question) => {
        const { room } = place({ ...question, boundary: { x: 10, y: 10, width: 0, height: 0 } });
        expect([room.width, room.height].every((size) => size >= 0)).toBe(true);
      }),
    );
  });

  it.each([
    ['block-end', { x: 450, y: 130 }],
    ['block-start', { x: 450, y: 40 }],
    ['block-end span-inline-end', { x: 480, y: 130 }],
    ['block-end span-inline-start', { x: 420, y: 130 }],
    ['inline-end', { x: 540, y: 85 }],
    ['inline-start span-block-end', { x: 360, y: 100 }],
  ])('%s of a button in the middle', (area, spot) => {
    const question = {
      area,
      anchor: { x: 480, y: 100, width: 40, height: 20 },
      layer: { width: 100, height: 50 },
      gap: 10,
      boundary: { x: 0, y: 0, width: 1000, height: 800 },
      direction: 'ltr' as const,
    };
    const { x, y, fits } = place(
      area === 'inline-end' || area.startsWith('inline') ? { ...question, gap: 20 } : question,
    );
    expect({ x, y, fits }).toEqual({ ...spot, fits: true });
  });

  it.each(['', 'top', 'block-end span-block-end', 'block-end span-all more', 'block-end span-inline'])(
    'knows no area %j',
    (area) => {
      expect(() => parseArea(area)).toThrow(/is not a valid area; write a side/);
    },
  );
});
