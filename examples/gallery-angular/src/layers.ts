// Layers, and the disclosure: by directives.
import { NgComponentOutlet } from '@angular/common';
import { Component, output, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';
import type { DialogOptions } from 'elastic-shell';
import { later } from 'quillhaven-gallery/data';
import { from } from 'rxjs';
import { GallerySection } from './section';

@Component({
  selector: 'mounted-dialog',
  imports: [shellDirectives],
  template: `
    <dialog shellDialog #d="shellDialog" [open]="true" (openChange)="gone.emit()" size="narrow">
      <header><h4>Here while it is open</h4></header>
      <div><p>Its component comes with it and goes with it.</p></div>
      <footer><button [shellPart]="d.closer()">Close it</button></footer>
    </dialog>
  `,
})
export class MountedDialog {
  readonly gone = output();
}

@Component({
  selector: 'layers-part',
  imports: [shellDirectives, GallerySection, MountedDialog, NgComponentOutlet],
  template: `
    <section id="dialog" gallery="Dialog">
      <button [shellPart]="plain.opener()">Open a dialog</button>
      <dialog shellDialog #plain="shellDialog">
        <header>
          <h3>Tide times</h3>
          <button [shellPart]="plain.closer()" aria-label="Close">×</button>
        </header>
        <div><p>High water is at 06:12 and again at 18:40.</p></div>
        <footer><button [shellPart]="plain.closer('read')" data-button="primary">Understood</button></footer>
      </dialog>

      <h3>Dialogs in dialogs</h3>
      <button [shellPart]="outer.opener()">Open the outer dialog</button>
      <dialog shellDialog #outer="shellDialog">
        <header><h4>Outer</h4></header>
        <div>
          <p>A click outside the inner one, but inside this one, closes the inner one alone.</p>
          <button [shellPart]="inner.opener()">Open the inner dialog</button>
          <dialog shellDialog #inner="shellDialog" size="narrow">
            <header><h5>Inner</h5></header>
            <div><p>Escape closes this one first.</p></div>
            <footer><button [shellPart]="inner.closer()">Close the inner dialog</button></footer>
          </dialog>
        </div>
        <footer><button [shellPart]="outer.closer()">Close the outer dialog</button></footer>
      </dialog>

      <h3>Mounted while it is open</h3>
      <button type="button" (click)="isMounted.set(true)">Open one that is mounted</button>
      @if (isMounted()) {
        <mounted-dialog (gone)="isMounted.set(false)" />
      }
    </section>

    <section id="alertdialog" gallery="Alert dialog">
      <button [shellPart]="alert.opener()">Cut the line…</button>
      <dialog shellDialog #alert="shellDialog" role="alertdialog" size="narrow">
        <header><h3>Cut the mooring line?</h3></header>
        <div><p>The boat will drift with the ebb until somebody takes a line ashore.</p></div>
        <footer>
          <button [shellPart]="alert.closer('cancel')">Leave it</button>
          <button [shellPart]="alert.closer('cut')" data-button="danger">Cut the line</button>
        </footer>
      </dialog>

      <h3>Waiting for a server</h3>
      <button [shellPart]="slow.opener()">Empty the store…</button>
      <dialog shellDialog #slow="shellDialog" role="alertdialog" size="narrow" [guard]="emptying">
        <header><h4>Empty the paint store?</h4></header>
        <div><p>Every tin is taken off the list.</p></div>
        <footer>
          <button [shellPart]="slow.closer('cancel')">Keep the paint</button>
          <button [shellPart]="slow.closer('empty')" data-button="danger">
            {{ slow.busy() ? 'Emptying…' : 'Empty it' }}
          </button>
        </footer>
      </dialog>
    </section>

    <section id="drawer" gallery="Drawer">
      <button [shellPart]="drawer.opener()">Open a drawer</button>
      <dialog shellDrawer #drawer="shellDrawer">
        <header>
          <h3>Sections</h3>
          <button [shellPart]="drawer.closer()" aria-label="Close">×</button>
        </header>
        <div>
          <p><a href="#dialog">Dialog</a></p>
        </div>
      </dialog>

      <h3>Beside the live page</h3>
      <button [shellPart]="side.opener()">Toggle the side drawer</button>
      <dialog shellDrawer #side="shellDrawer" edge="inline-end" [modal]="false">
        <header><h4>Beside the page</h4></header>
        <div>
          <p>The page stays live.</p>
          <button [shellPart]="side.closer()">Close the side drawer</button>
        </div>
      </dialog>
    </section>

    <section id="popover" gallery="Popover">
      <button [shellPart]="popover.opener()">Berth four</button>
      <div shellPopover #popover="shellPopover">
        <p>
          Lies along the old quay wall; dries to mud at springs. <a href="#popover">The chart</a> shows it.
        </p>
      </div>

      <h3>Content that comes later</h3>
      <button [shellPart]="log.opener()">Harbour log</button>
      <div shellPopover #log="shellPopover" [content]="harbourLog">
        <h4>Harbour log</h4>
        <div data-content></div>
      </div>
      <ng-container *shellContent="let content of log"
        ><ng-container *ngComponentOutlet="content.HarbourLog"
      /></ng-container>
    </section>

    <section id="tooltip" gallery="Tooltip">
      <button type="button" [shellPart]="tooltip.described()">Haul out</button>
      <div shellTooltip #tooltip="shellTooltip">Lifts the boat onto the slip</div>
    </section>

    <section id="disclosure" gallery="Disclosure">
      <button [shellPart]="ladder.opener()">Where the ladder is</button>
      <div shellDisclosure #ladder="shellDisclosure">
        <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
      </div>

      <h3>Words that follow the state</h3>
      <button [shellPart]="crane.opener()">{{ crane.open() ? 'Show less' : 'Show more' }}</button>
      <div shellDisclosure #crane="shellDisclosure" elastic="block">
        <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
      </div>
    </section>
  `,
})
export class LayersPart {
  readonly isMounted = signal(false);
  /** An observable, as Angular's HTTP client returns. */
  readonly emptying: NonNullable<DialogOptions['guard']> = ({ result }) =>
    result !== 'empty' || from(later(400, true));
  readonly harbourLog = () => later(300, import('./harbour-log'));
}
