import {
  Component,
  DestroyRef,
  type ElementRef,
  afterNextRender,
  inject,
  input,
  viewChild,
} from '@angular/core';
import { injectPopover, shellDirectives } from 'elastic-shell-angular';

type Plots = typeof import('./tide-plot.js');

/** Wraps the third-party widget in a component: created when it is shown, destroyed when it is removed. */
@Component({ selector: 'tide-plot', template: '<div #place></div>' })
export class Plot {
  readonly plots = input.required<Plots>();
  readonly heights = input.required<readonly number[]>();
  readonly place = viewChild.required<ElementRef<HTMLElement>>('place');

  constructor() {
    const gone = inject(DestroyRef);
    afterNextRender(() => {
      const plot = new (this.plots().TidePlot)(this.place().nativeElement, this.heights());
      gone.onDestroy(() => plot.destroy());
    });
  }
}

/** A third-party widget in a popover. Its script loads when the popover opens. */
@Component({
  selector: 'tide-today',
  imports: [shellDirectives, Plot],
  template: `
    <button [shellPart]="popover.opener()">Tide today</button>
    <div [shellPart]="popover.root">
      <h2>Tide today</h2>
      <div data-content></div>
    </div>
    <tide-plot *shellContent="let plots of popover" [plots]="plots" [heights]="today" />
  `,
})
export class TideToday {
  readonly today = [3.1, 4.2, 2.4, 0.9, 1.7];
  readonly popover = injectPopover(() => ({
    keepContent: false,
    content: () => import('./tide-plot.js'),
  }));
}
