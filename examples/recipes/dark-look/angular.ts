import { Component, effect, signal } from '@angular/core';
import { shellDirectives } from 'elastic-shell-angular';

const remembered = (): boolean => {
  const kept = localStorage.getItem('dark-look');
  return kept ? kept === 'true' : matchMedia('(prefers-color-scheme: dark)').matches;
};

/** A switch for dark mode, which the browser remembers. */
@Component({
  selector: 'dark-look',
  imports: [shellDirectives],
  template: `
    <p>
      <button shellSwitch [(checked)]="isDark" aria-labelledby="dark-look-name"></button>
      <span id="dark-look-name">Dark</span>
    </p>
  `,
})
export class DarkLook {
  readonly isDark = signal<boolean | undefined>(remembered());

  constructor() {
    effect(() => {
      document.documentElement.style.colorScheme = this.isDark() ? 'dark' : 'light';
      localStorage.setItem('dark-look', String(this.isDark()));
    });
  }
}
