// <… [shellDrawer]>: a dialog that comes from an edge of the screen: modal, or beside a page that stays live.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { DrawerOptions } from 'elastic-shell';
import { type Bindable, drawerPattern } from 'elastic-shell/bindings';
import type { DrawerHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellDrawer` has besides its inputs and outputs: states, parts and verbs. */
export interface ShellDrawer extends DrawerHandle {}

const options = [
  'guard',
  'rewrites',
  'outside',
  'escape',
  'focusOut',
  'behind',
  'firstFocus',
  'focusReturn',
  'messages',
  'content',
  'loadOn',
  'keepContent',
  'size',
  'phone',
  'backdrop',
  'edge',
  'modal',
  'closedWhen',
];

/** A dialog that comes from an edge of the screen: modal, or beside a page that stays live. Stands on a `<dialog>`. */
@Directive({ selector: '[shellDrawer]', exportAs: 'shellDrawer' })
export class ShellDrawer extends PatternDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<DrawerOptions['guard'] | undefined> = input<DrawerOptions['guard']>();
  /** What happens when somebody else writes over an attribute that says a state: it is followed, or written again. Default: follow; restore for what opens above the page. */
  readonly rewrites: InputSignal<DrawerOptions['rewrites'] | undefined> = input<DrawerOptions['rewrites']>();
  /** What a press outside does. Default: close; keep beside a live page. */
  readonly outside: InputSignal<DrawerOptions['outside'] | undefined> = input<DrawerOptions['outside']>();
  /** What Escape and the back gesture do. Default: close. */
  readonly escape: InputSignal<DrawerOptions['escape'] | undefined> = input<DrawerOptions['escape']>();
  /** What happens when focus leaves it and its opener. Default: keep. */
  readonly focusOut: InputSignal<DrawerOptions['focusOut'] | undefined> = input<DrawerOptions['focusOut']>();
  /** What becomes of it when a modal dialog opens from a control in it. Default: keep. */
  readonly behind: InputSignal<DrawerOptions['behind'] | undefined> = input<DrawerOptions['behind']>();
  /** Where focus goes on opening. Default: see what it owes. */
  readonly firstFocus: InputSignal<DrawerOptions['firstFocus'] | undefined> =
    input<DrawerOptions['firstFocus']>();
  /** Where focus goes on closing. Default: the opener, else what follows where it stood. */
  readonly focusReturn: InputSignal<DrawerOptions['focusReturn'] | undefined> =
    input<DrawerOptions['focusReturn']>();
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<DrawerOptions['messages'] | undefined> = input<DrawerOptions['messages']>();
  /** Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry. Default: none: what the markup holds. What it answers with, at once, by a promise or an observable, is rendered by `*shellContent` where there is one. */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /** When such content is asked for. Default: open. */
  readonly loadOn: InputSignal<DrawerOptions['loadOn'] | undefined> = input<DrawerOptions['loadOn']>();
  /** Whether such content stays after closing. Default: true. */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
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
    // The pattern of which it is an instance; its options are checked when it is wired.
    super(drawerPattern as unknown as Bindable, options);
  }
}
