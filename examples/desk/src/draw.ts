// Elements created by script, without HTML text, because the pages are served with Trusted Types.
import type { Pennant } from 'quillhaven-data/types';
import { outlines } from './rows';

type Attributes = Record<string, string>;

const fill = (element: Element, attributes: Attributes, children: (Node | string)[]): void => {
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, value);
  element.append(...children);
};

export const make = (
  tag: string,
  attributes: Attributes = {},
  ...children: (Node | string)[]
): HTMLElement => {
  const element = document.createElement(tag);
  fill(element, attributes, children);
  return element;
};

export const makeSvg = (tag: string, attributes: Attributes = {}, ...children: Node[]): SVGElement => {
  const element = document.createElementNS('http://www.w3.org/2000/svg', tag);
  fill(element, attributes, children);
  return element;
};

/** "Ochre swallowtail, teal disc". A mark in the colour of the field is not a mark. */
export const pennantName = ({ shape, field, mark }: Pennant): string =>
  field === mark
    ? `Plain ${field} ${shape}`
    : `${field[0]!.toUpperCase()}${field.slice(1)} ${shape}, ${mark} disc`;

export const drawPennant = ({ shape, field, mark }: Pennant): SVGElement =>
  makeSvg(
    'svg',
    { class: 'pennant', viewBox: '0 0 24 16', 'aria-hidden': 'true' },
    makeSvg('path', { class: `paint-${field}`, d: outlines[shape] }),
    ...(field === mark ? [] : [makeSvg('circle', { class: `paint-${mark}`, cx: '7', cy: '8', r: '3' })]),
  );
