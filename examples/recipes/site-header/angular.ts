import { NgTemplateOutlet } from '@angular/common';
import { Component, ViewEncapsulation } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** A header with links in a row or, on a small screen, in a drawer. */
@Component({
  selector: 'site-header',
  imports: [shellDirectives, NgTemplateOutlet],
  encapsulation: ViewEncapsulation.None,
  styles: `
    .site-header {
      display: flex;
      align-items: center;
      gap: 1rem;
    }
    .site-links {
      display: none;
      gap: 1rem;
    }
    .drawer-links {
      display: grid;
      gap: 0.5rem;
    }
    @media (min-width: 48em) {
      .site-links {
        display: flex;
      }
      .site-header > button {
        display: none;
      }
    }
  `,
  template: `
    <ng-template #links>
      @for (name of places; track name) {
        <!-- A link within the page closes the drawer. -->
        <a [href]="'#' + name.toLowerCase()" (click)="drawer.close()">{{ name }}</a>
      }
    </ng-template>
    <header class="site-header">
      <strong>Quillhaven</strong>
      <button [shellPart]="drawer.opener()">Menu</button>
      <nav aria-label="Yard" class="site-links"><ng-container *ngTemplateOutlet="links" /></nav>
      <dialog shellDrawer #drawer="shellDrawer" closedWhen="(min-width: 48em)" size="narrow">
        <header>
          <h2>Yard</h2>
          <button [shellPart]="drawer.closer()" aria-label="Close">×</button>
        </header>
        <nav aria-label="Yard" class="drawer-links"><ng-container *ngTemplateOutlet="links" /></nav>
      </dialog>
    </header>
  `,
})
export class SiteHeader {
  readonly places = ['Orders', 'Berths', 'Parts'];
}
