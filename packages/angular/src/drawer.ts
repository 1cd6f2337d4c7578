// <… [shellDrawer]>: a dialog that comes from an edge of the screen: modal, or beside a page that stays live.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { DrawerOptions } from 'elastic-shell';
import { drawerPattern } from 'elastic-shell/bindings';
import type { DrawerHandle } from './handles.js';
import { layerInputs, LayerDirective } from './layer.js';
import { flag, notBound } from './pattern.js';

/** What `ShellDrawer` has besides its inputs and outputs: states, parts and methods. */
export interface ShellDrawer extends DrawerHandle {}

const options = [
  ...layerInputs,
  'guard',
  'messages',
  'size',
  'phone',
  'backdrop',
  'edge',
  'modal',
  'closedWhen',
];

/** A dialog that comes from an edge of the screen: modal, or beside a page that stays live. Stands on a `<dialog>`. */
@Directive({ selector: '[shellDrawer]', exportAs: 'shellDrawer' })
export class ShellDrawer extends LayerDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<DrawerOptions['guard'] | undefined> = input<DrawerOptions['guard']>();
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<DrawerOptions['messages'] | undefined> = input<DrawerOptions['messages']>();
  /** How wide it is; also as data-size in the markup. Default: medium. */
  readonly size: InputSignal<DrawerOptions['size'] | undefined> = input<DrawerOptions['size']>();
  /** Whether it fills a narrow screen; also as data-phone in the markup. Default: fit. */
  readonly phone: InputSignal<DrawerOptions['phone'] | undefined> = input<DrawerOptions['phone']>();
  /** Whether the page behind is shaded; also as data-backdrop in the markup. Default: shade. */
  readonly backdrop: InputSignal<DrawerOptions['backdrop'] | undefined> = input<DrawerOptions['backdrop']>();
  /** Where it is attached. Default: inline-start. */
  readonly edge: InputSignal<DrawerOptions['edge'] | undefined> = input<DrawerOptions['edge']>();
  /** Whether the page behind is out of reach. Default: true. */
  readonly modal = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Closes it, reason "viewport", when the query comes to match. Default: none. */
  readonly closedWhen: InputSignal<DrawerOptions['closedWhen'] | undefined> =
    input<DrawerOptions['closedWhen']>();

  constructor() {
    super(drawerPattern, options);
  }
}
