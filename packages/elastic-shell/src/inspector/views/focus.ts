// The view of focus: the tab order, drawn on the page and listed; what Tab does not reach; and where focus
// returns.
import { type FocusOrder, focusOrder, type Stop } from '../focus-order.js';
import { button, fill, make } from '../make.js';
import type { Context, View } from '../view.js';
import { callOf } from '../wired.js';

/** How many tab stops are listed. */
const most = 300;

const stopOf = ({ element, number, marks }: Stop, context: Context): HTMLLIElement =>
  make(
    'li',
    { class: 'page-order' },
    make('span', { class: 'number' }, String(number)),
    make(
      'div',
      {},
      button(callOf(element), () => context.point(element), { class: 'quiet' }),
      ...marks.map((mark) => make('p', { class: 'bad' }, mark)),
    ),
  );

function lostOf({ lost }: FocusOrder, context: Context): HTMLElement | undefined {
  if (!lost.length) return undefined;
  return make(
    'details',
    {},
    make('summary', {}, `${lost.length} that Tab does not reach`),
    make(
      'ul',
      { 'aria-label': 'What Tab does not reach' },
      ...lost.slice(0, most).map(({ element, why }) =>
        make(
          'li',
          {},
          button(callOf(element), () => context.point(element), { class: 'quiet' }),
          make('p', { class: 'facts' }, `Tab does not reach it: ${why}.`),
        ),
      ),
    ),
  );
}

const said = ({ stops, lost, traps, returns }: FocusOrder): string =>
  JSON.stringify([
    stops.map(({ element, marks }) => [callOf(element), marks]),
    lost.map(({ element, why }) => [callOf(element), why]),
    traps,
    returns,
  ]);

/** Creates the view. */
export function focusView(context: Context): View {
  const element = make('div', {});
  let isShown = false;
  return {
    key: 'focus',
    title: 'Focus',
    element,
    turn(now) {
      isShown = now;
      if (!now) context.overlay.order([]);
    },
    refresh() {
      const order = focusOrder(context.document);
      const { stops, traps, returns } = order;
      if (isShown) context.overlay.order(stops);
      const wrong = stops.filter(({ marks }) => marks.length);
      fill(
        element,
        [
          ...traps.map((trap) => make('p', {}, trap)),
          ...returns.map((each) => make('p', {}, each)),
          make(
            'h3',
            {},
            `${stops.length} tab stops${wrong.length ? `, ${wrong.length} of them with problems` : ''}`,
          ),
          ...(wrong.length
            ? [
                make(
                  'ul',
                  { 'aria-label': 'Tab stops with problems' },
                  ...wrong.map((stop) => stopOf(stop, context)),
                ),
              ]
            : []),
          lostOf(order, context),
          make(
            'details',
            { open: !wrong.length },
            make('summary', {}, 'All tab stops, in order'),
            make(
              'ol',
              { 'aria-label': 'Tab stops' },
              ...stops.slice(0, most).map((stop) => stopOf(stop, context)),
            ),
            stops.length > most && make('p', { class: 'soft' }, `and ${stops.length - most} more`),
          ),
        ],
        said(order),
      );
    },
  };
}
