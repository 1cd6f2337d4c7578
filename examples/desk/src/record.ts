// Parts of the boat's record as HTML text, created during the build: the steps of hauling out, and the survey
// plates.
import type { Plate, Step } from 'quillhaven-data/types';
import { escapeHtml } from './rows.ts';

export const haulSteps = (steps: Step[]): string =>
  steps
    .map(
      ({ id, title, short, long }, at) => `
<h3><button type="button" data-key="${id}"><span data-marker aria-hidden="true"></span>${at + 1}. ${escapeHtml(title)}</button></h3>
<div class="step"${at ? ' hidden' : ''}>
  <p>${escapeHtml(short)}</p>${
    long.length
      ? `
  <button type="button" data-button="quiet" class="read-more" commandfor="${id}-more" command="--toggle"><span data-when="closed">Read more</span><span data-when="open">Read less</span></button>
  <div id="${id}-more" class="long" hidden>${long.map((line) => `<p>${escapeHtml(line)}</p>`).join('')}</div>`
      : ''
  }
</div>`,
    )
    .join('');

export const platePicks = (plates: Plate[]): string =>
  plates
    .map(
      ({ title }, at) =>
        `<button type="button" commandfor="plates" command="--select" value="${at + 1}" aria-label="Plate ${at + 1}, ${escapeHtml(title)}">${at + 1}</button>`,
    )
    .join('');

/** The hull's own units: 400 long, 160 high. */
const spot = (along: number, up: number): [number, number] => [20 + along * 3.6, 140 - up * 1.2];

const drawing = ({ findings }: Plate): string => `<svg class="hull" viewBox="0 0 400 160" aria-hidden="true">
<path class="planks" d="M20 45C120 58 280 58 380 40C376 70 366 96 352 112L330 118L318 140H96L60 118C44 96 30 70 20 45Z"/>
<path class="seams" d="M27 62C130 74 280 74 376 58M36 80C130 92 280 92 370 76M47 98C130 108 280 108 361 94M62 118H330"/>
${findings
  .map(({ along, up }, at) => {
    const [x, y] = spot(along, up);
    return `<g class="finding"><circle cx="${x}" cy="${y}" r="8"/><text x="${x}" y="${y + 4}">${at + 1}</text></g>`;
  })
  .join('')}</svg>`;

export const plateSlides = (plates: Plate[]): string =>
  plates
    .map(
      (plate, at) =>
        `<div class="plate" data-key="${at + 1}" aria-labelledby="${plate.id}"><h2 id="${plate.id}">Plate ${at + 1}. ${escapeHtml(plate.title)}</h2>${drawing(plate)}<ol>${plate.findings.map(({ says }) => `<li>${escapeHtml(says)}</li>`).join('')}</ol></div>`,
    )
    .join('');
