// Accordions, tabs, carousels, trees and menus: by functions, with states as signals.
import { NgComponentOutlet, NgTemplateOutlet } from '@angular/common';
import { Component, signal } from '@angular/core';
import type { TreeNode } from 'elastic-shell';
import {
  injectAccordion,
  injectCarousel,
  injectMenu,
  injectTabs,
  injectTree,
  shellDirectives,
} from 'elastic-shell-angular';
import { boatParts, later, plates, sheets, steps, stores, tides, yard } from 'quillhaven-gallery/data';
import { GallerySection } from './section';

@Component({
  selector: 'collections-part',
  imports: [shellDirectives, GallerySection, NgComponentOutlet, NgTemplateOutlet],
  templateUrl: './collections.html',
})
export class CollectionsPart {
  readonly steps = steps;
  readonly tides = tides;
  readonly boatParts = boatParts;
  readonly plates = plates;
  readonly yard = yard;

  readonly accordion = injectAccordion(() => ({ expanded: ['before'] }));
  readonly expanded = signal<ReadonlySet<string>>(new Set(['morning']));
  readonly exclusive = injectAccordion(() => ({
    expanded: this.expanded,
    exclusive: true,
    keepOne: true,
    arrows: true,
  }));

  readonly tabs = injectTabs(() => ({ selected: 'hull' }));
  readonly open = signal(sheets);
  readonly tab = signal<string | undefined>('sheet-1');
  readonly closable = injectTabs(() => ({
    selected: this.tab,
    activation: 'manual',
    closable: true,
    onChange: (change) => {
      if (change.name === 'closed')
        this.open.update((all) => all.filter(({ key }) => !change.value.has(key)));
    },
  }));
  readonly lazy = injectTabs(() => ({
    content: (_, key) => (key === 'later' ? later(300, import('./later')) : undefined),
  }));

  readonly carousel = injectCarousel();
  readonly picked = injectCarousel(() => ({ wrap: false }));

  readonly tree = injectTree();
  readonly data = injectTree<TreeNode>(() => ({ items: stores, checks: true }));

  readonly said = signal('');
  readonly menu = injectMenu(() => ({
    onPick: ({ key }) => this.said.set(key),
    checked: ['lights', 'waiting'],
  }));
  readonly move = injectMenu(() => ({ onPick: ({ key }) => this.said.set(key) }));

  more(): void {
    this.open.update((all) => [
      { key: `sheet-${Date.now()}`, title: 'Another sheet', text: 'Nothing yet.' },
      ...all,
    ]);
  }
  turn(): void {
    this.open.update((all) => [...all].reverse());
  }
  joined(keys: ReadonlySet<string>): string {
    return [...keys].join();
  }
}
