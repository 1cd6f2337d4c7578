import { Component } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

/** Site navigation in a drawer, which closes when the window is wide enough for a permanent navigation. */
@Component({
  selector: 'yard-sections',
  imports: [shellDirectives],
  template: `
    <button [shellPart]="drawer.opener()">Sections</button>
    <dialog shellDrawer #drawer="shellDrawer" closedWhen="(min-width: 90em)">
      <header>
        <h2>Sections</h2>
        <button [shellPart]="drawer.closer()" aria-label="Close">×</button>
      </header>
      <nav aria-label="Sections">
        <ul>
          @for (name of sections; track name) {
            <li>
              <a [href]="'#' + name.toLowerCase()">{{ name }}</a>
            </li>
          }
        </ul>
      </nav>
    </dialog>
  `,
})
export class YardSections {
  readonly sections = ['Orders', 'Berths', 'Parts'];
}
