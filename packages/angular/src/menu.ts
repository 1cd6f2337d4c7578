// <… [shellMenu]>: a list of actions, opened by a button or where something is pressed for it.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { MenuOptions, MenuPick } from 'elastic-shell';
import { menuPattern } from 'elastic-shell/bindings';
import type { MenuHandle } from './handles.js';
import { count, notBound, PatternDirective } from './pattern.js';

/** What `ShellMenu` has besides its inputs and outputs: states, parts and methods. */
export interface ShellMenu extends MenuHandle {}

const options = ['guard', 'area', 'gap', 'edgeGap', 'fallbacks', 'stay', 'context', 'hoverDelay'];

/** A list of actions, opened by a button or where something is pressed for it. Stands on the element of the menu. */
@Directive({ selector: '[shellMenu]', exportAs: 'shellMenu' })
export class ShellMenu extends PatternDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** The keys of what is checked. Bound, it is asked; left out, the state is the pattern's own. */
  readonly checkedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'checked' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly checkedChange = output<ReadonlySet<string>>();
  /** Hears every item that is activated. */
  readonly shellPick = output<MenuPick>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<MenuOptions['guard'] | undefined> = input<MenuOptions['guard']>();
  /** Where it stands, by the grammar of position-area. Default: block-end span-inline-end; a submenu inline-end span-block-end. */
  readonly area: InputSignal<MenuOptions['area'] | undefined> = input<MenuOptions['area']>();
  /** How far it stands from its anchor. Default: 4; 0 for a submenu. */
  readonly gap = input<number | undefined, unknown>(undefined, { transform: count });
  /** How far it keeps from the edge of the screen. Default: 8. */
  readonly edgeGap = input<number | undefined, unknown>(undefined, { transform: count });
  /** What is tried when there is no room. Default: the first three; beside an inline side also above and below. */
  readonly fallbacks: InputSignal<MenuOptions['fallbacks'] | undefined> = input<MenuOptions['fallbacks']>();
  /** Which items leave it open when pressed; data-stay says it for one. Default: none. */
  readonly stay: InputSignal<MenuOptions['stay'] | undefined> = input<MenuOptions['stay']>();
  /** Where a right press, Shift+F10, the Menu key or a long press opens it, at that point. Default: none. */
  readonly context: InputSignal<MenuOptions['context'] | undefined> = input<MenuOptions['context']>();
  /** How long the pointer rests before a submenu opens. Default: 150. */
  readonly hoverDelay = input<number | undefined, unknown>(undefined, { transform: count });

  constructor() {
    super(menuPattern, options);
  }
}
