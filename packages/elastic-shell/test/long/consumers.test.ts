// A stranger's project in each framework: the packed library, Vite as its template sets it up, the framework's own checker, its
// usual test library in jsdom. Everything is installed afresh, so this takes minutes and needs a registry.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeProject, packAll, type ProjectFiles, runIn } from './support/project';

const library = join(__dirname, '../..');

interface Project extends ProjectFiles {
  check: string[];
  /** How it is built and tested. Default: by Vite, with its own test runner. */
  build?: string[];
  test?: string[];
}

const compilerOptions = {
  target: 'ES2022',
  lib: ['ES2023', 'DOM', 'DOM.Iterable'],
  module: 'ESNext',
  skipLibCheck: true,
  moduleResolution: 'bundler',
  allowImportingTsExtensions: true,
  verbatimModuleSyntax: true,
  moduleDetection: 'force',
  noEmit: true,
  strict: true,
  noUnusedLocals: true,
  noUnusedParameters: true,
  types: ['vite/client'],
};
const tsconfig = (more: object): string =>
  JSON.stringify({ compilerOptions: { ...compilerOptions, ...more }, include: ['src'] });

const shared = { vite: '8.3.8', vitest: '^4', jsdom: '^27', typescript: '~6.0.3' };
const config = (plugin: string, call: string): string =>
  `import { defineConfig } from 'vitest/config';\n${plugin}\nexport default defineConfig({ plugins: [${call}], resolve: { conditions: ['browser'] }, test: { environment: 'jsdom' } });`;
const page = (main: string): string =>
  `<!doctype html><html lang="en"><head><title>c</title></head><body><div id="app"></div><script type="module" src="/src/${main}"></script></body></html>`;

/** What is tested in each: a dialog is opened, its guard refuses, then allows. */
const spec = (render: string): string => `${render}
import { settled } from 'elastic-shell/testing';
import { expect, it, vi } from 'vitest';
const isOpen = () => document.querySelector('dialog')!.hasAttribute('open');
it('opens, and closes when the guard lets it', async () => {
  await show();
  const find = (words: string) => [...document.querySelectorAll('button')].find((each) => each.textContent?.includes(words))!;
  find('Strike…').click();
  await vi.waitFor(() => expect(isOpen()).toBe(true));
  find('Strike it').click();
  await settled();
  expect(isOpen()).toBe(true);
  find('Keep it').click();
  await vi.waitFor(() => expect(isOpen()).toBe(false));
});`;

const projects: Record<string, Project> = {
  react: {
    depends: {
      ...shared,
      react: '19.3.1',
      'react-dom': '19.3.1',
      '@types/react': '19.3.0',
      '@types/react-dom': '19.3.0',
      '@vitejs/plugin-react': '6.3.0',
      '@testing-library/react': '16.3.3',
      '@testing-library/dom': '^10',
    },
    check: ['tsc', '-p', '.'],
    files: {
      'tsconfig.json': tsconfig({ jsx: 'react-jsx', erasableSyntaxOnly: true }),
      'vite.config.ts': config("import react from '@vitejs/plugin-react';", 'react()'),
      'index.html': page('main.tsx'),
      'src/App.tsx': `import { useState } from 'react';
import { useDialog } from 'elastic-shell/react';
export default function App() {
  const [open, setOpen] = useState(false);
  const strike = useDialog({ open: [open, setOpen], guard: ({ result }) => result !== 'strike' });
  return (
    <>
      <button {...strike.opener()}>Strike…</button>
      <dialog {...strike.root}><h2>Strike?</h2>
        <button {...strike.closer('cancel')}>Keep it</button><button {...strike.closer('strike')}>Strike it</button>
      </dialog>
    </>
  );
}`,
      'src/main.tsx': `import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import 'elastic-shell/structure.css';
import App from './App.tsx';
createRoot(document.getElementById('app')!).render(<StrictMode><App /></StrictMode>);`,
      'src/App.test.tsx': spec(`import { render } from '@testing-library/react';
import App from './App.tsx';
const show = () => render(<App />);`),
      // Without waiting for anything.
      'src/Click.test.tsx': `import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import App from './App.tsx';
it('has opened when the click has been fired', () => {
  render(<App />);
  fireEvent.click(screen.getByText('Strike…'));
  expect(document.querySelector('dialog')!.hasAttribute('open')).toBe(true);
  fireEvent.click(screen.getByText('Keep it'));
  expect(document.querySelector('dialog')!.hasAttribute('open')).toBe(false);
});`,
    },
  },
  vue: {
    depends: {
      ...shared,
      vue: '3.5.45',
      'vue-tsc': '3.3.14',
      '@vitejs/plugin-vue': '6.0.11',
      '@vue/test-utils': '^2',
    },
    check: ['vue-tsc', '-p', '.'],
    files: {
      'tsconfig.json': tsconfig({ jsx: 'preserve' }),
      'vite.config.ts': config("import vue from '@vitejs/plugin-vue';", 'vue()'),
      'index.html': page('main.ts'),
      'src/App.vue': `<script setup lang="ts">
import { ref } from 'vue';
import { useDialog } from 'elastic-shell/vue';
const open = ref(false);
const strike = useDialog({ open, guard: ({ result }) => result !== 'strike' });
</script>
<template>
  <button v-bind="strike.opener()">Strike…</button>
  <dialog v-bind="strike.root"><h2>Strike?</h2>
    <button v-bind="strike.closer('cancel')">Keep it</button><button v-bind="strike.closer('strike')">Strike it</button>
  </dialog>
</template>`,
      'src/main.ts': `import { createApp } from 'vue';
import 'elastic-shell/structure.css';
import App from './App.vue';
createApp(App).mount('#app');`,
      'src/App.test.ts': spec(`import { mount } from '@vue/test-utils';
import App from './App.vue';
const show = () => mount(App, { attachTo: document.body });`),
      // Mounted as by default, which is outside the document.
      'src/Detached.test.ts': `import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import App from './App.vue';
it('opens and closes', async () => {
  const page = mount(App);
  await page.get('button').trigger('click');
  expect(page.get('dialog').attributes('open')).toBeDefined();
  await page.get('[value=cancel]').trigger('click');
  expect(page.get('dialog').attributes('open')).toBeUndefined();
  page.unmount();
});`,
    },
  },
  svelte: {
    depends: {
      ...shared,
      svelte: '5.57.3',
      'svelte-check': '4.7.8',
      '@sveltejs/vite-plugin-svelte': '7.3.1',
      '@testing-library/svelte': '^5',
    },
    check: ['svelte-check', '--tsconfig', './tsconfig.json'],
    files: {
      'tsconfig.json': tsconfig({ types: ['svelte', 'vite/client'] }),
      'vite.config.ts': config("import { svelte } from '@sveltejs/vite-plugin-svelte';", 'svelte()'),
      'index.html': page('main.ts'),
      'src/App.svelte': `<script lang="ts">
  import { Rows, useDialog, useListbox } from 'elastic-shell/svelte';
  let open = $state(false);
  const strike = useDialog({
    get open() { return open; },
    set open(next) { open = next; },
    guard: ({ result }) => result !== 'strike',
  });
  const boats = useListbox({ items: [{ key: 'a', label: 'Anemone' }] });
</script>
<button {...strike.opener()}>Strike…</button>
<dialog {...strike.root}><h2>Strike?</h2>
  <button {...strike.closer('cancel')}>Keep it</button><button {...strike.closer('strike')}>Strike it</button>
</dialog>
<div {...boats.root} aria-label="Boats"></div>
<Rows of={boats}>{#snippet children(boat: { label: string })}<b>{boat.label}</b>{/snippet}</Rows>`,
      'src/main.ts': `import { mount } from 'svelte';
import 'elastic-shell/structure.css';
import App from './App.svelte';
mount(App, { target: document.getElementById('app')! });`,
      'src/App.test.ts': spec(`import { render } from '@testing-library/svelte';
import App from './App.svelte';
const show = () => render(App);`),
    },
  },
  solid: {
    depends: {
      ...shared,
      'solid-js': '1.9.19',
      'vite-plugin-solid': '2.11.14',
      '@solidjs/testing-library': '^0.8',
    },
    check: ['tsc', '-p', '.'],
    files: {
      'tsconfig.json': tsconfig({ jsx: 'preserve', jsxImportSource: 'solid-js', erasableSyntaxOnly: true }),
      'vite.config.ts': config("import solid from 'vite-plugin-solid';", 'solid()'),
      'index.html': page('main.tsx'),
      'src/App.tsx': `import { createSignal } from 'solid-js';
import { createDialog } from 'elastic-shell/solid';
export default function App() {
  const strike = createDialog({ open: createSignal(false), guard: ({ result }) => result !== 'strike' });
  return (
    <>
      <button {...strike.opener()}>Strike…</button>
      <dialog {...strike.root}><h2>Strike?</h2>
        <button {...strike.closer('cancel')}>Keep it</button><button {...strike.closer('strike')}>Strike it</button>
      </dialog>
    </>
  );
}`,
      'src/main.tsx': `import { render } from 'solid-js/web';
import 'elastic-shell/structure.css';
import App from './App.tsx';
render(() => <App />, document.getElementById('app')!);`,
      'src/App.test.tsx': spec(`import { render } from '@solidjs/testing-library';
import App from './App.tsx';
const show = () => render(() => <App />);`),
    },
  },
};

/** A project as Angular's own builder sets it up, with everything strict. */
projects['angular'] = {
  depends: {
    'elastic-shell-angular': '',
    '@angular/common': '21.2.26',
    '@angular/compiler': '21.2.26',
    '@angular/core': '21.2.26',
    '@angular/forms': '21.2.26',
    '@angular/platform-browser': '21.2.26',
    '@angular/build': '21.2.27',
    '@angular/cli': '21.2.27',
    '@angular/compiler-cli': '21.2.26',
    rxjs: '7.8.2',
    tslib: '^2',
    typescript: '5.9.3',
    vitest: '^4',
    jsdom: '^27',
  },
  check: ['ngc', '--noEmit', '-p', '.'],
  build: ['ng', 'build'],
  test: ['ng', 'test', '--watch=false'],
  files: {
    'angular.json': JSON.stringify({
      version: 1,
      cli: { analytics: false },
      projects: {
        consumer: {
          projectType: 'application',
          root: '',
          sourceRoot: 'src',
          architect: {
            build: {
              builder: '@angular/build:application',
              options: {
                browser: 'src/main.ts',
                index: 'src/index.html',
                tsConfig: 'tsconfig.json',
                styles: ['elastic-shell/structure.css'],
                outputPath: 'dist',
              },
              configurations: { production: {}, development: { optimization: false } },
              defaultConfiguration: 'production',
            },
            test: {
              builder: '@angular/build:unit-test',
              options: { tsConfig: 'tsconfig.json', buildTarget: '::development', runner: 'vitest' },
            },
          },
        },
      },
    }),
    'tsconfig.json': JSON.stringify({
      compilerOptions: {
        target: 'ES2022',
        module: 'preserve',
        strict: true,
        noImplicitOverride: true,
        noPropertyAccessFromIndexSignature: true,
        noImplicitReturns: true,
        skipLibCheck: true,
        isolatedModules: true,
        importHelpers: true,
        types: ['vitest/globals'],
      },
      angularCompilerOptions: {
        strictInjectionParameters: true,
        strictInputAccessModifiers: true,
        strictTemplates: true,
      },
      include: ['src'],
    }),
    'src/index.html':
      '<!doctype html><html lang="en"><head><title>c</title></head><body><app-root></app-root></body></html>',
    'src/main.ts': `import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app';
void bootstrapApplication(App);`,
    'src/app.ts': `import { Component, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { injectTabs, shellDirectives } from 'elastic-shell-angular';
import type { DialogOptions } from 'elastic-shell';
@Component({
  selector: 'app-root',
  imports: [shellDirectives, ReactiveFormsModule],
  template: \`
    <button [shellPart]="strike.opener()">Strike…</button>
    <dialog shellDialog #strike="shellDialog" [(open)]="isOpen" [guard]="keeps">
      <h2>Strike?</h2>
      <button [shellPart]="strike.closer('cancel')">Keep it</button>
      <button [shellPart]="strike.closer('strike')">Strike it</button>
    </dialog>
    <div shellListbox #boats="shellListbox" [items]="all" [formControl]="boat" aria-label="Boats"></div>
    <b *shellRows="let each; of: boats">{{ each.label }} of {{ each.length }} m</b>
    <div [shellPart]="tabs.root">
      <div [shellPart]="tabs.list" aria-label="Tabs"><button [shellPart]="tabs.tab('a')">{{ tabs.selected() }}</button></div>
    </div>
  \`,
})
export class App {
  readonly isOpen = signal<boolean | undefined>(false);
  readonly all = [{ key: 'a', label: 'Anemone', length: 9 }];
  readonly boat = new FormControl('a');
  readonly tabs = injectTabs(() => ({ selected: 'a' }));
  readonly keeps: NonNullable<DialogOptions['guard']> = ({ result }) => result !== 'strike';
}`,
    'src/life.spec.ts': readFileSync(join(library, '../angular/test/life.spec.ts'), 'utf8'),
    'src/app.spec.ts': spec(`import { TestBed } from '@angular/core/testing';
import { App } from './app';
const show = async () => {
  const fixture = TestBed.createComponent(App);
  document.body.append(fixture.nativeElement);
  await fixture.whenStable();
};`),
  },
};

let packed: Record<string, string>;
beforeAll(() => {
  packed = packAll();
});

describe.each(Object.entries(projects))(
  'a project in %s',
  (name, { check, build = ['vite', 'build'], test = ['vitest', 'run'], ...project }) => {
    const folder = mkdtempSync(join(tmpdir(), `consumer-${name}-`));

    beforeAll(() => makeProject(folder, project, packed));

    it('is checked without an error', () => void runIn(folder, 'npx', ...check));
    it('is built without a warning', () =>
      expect(runIn(folder, 'npx', ...build)).not.toMatch(/warning|\(!\)/i));
    it('is tested in jsdom with its own test library', () =>
      expect(runIn(folder, 'npx', ...test)).toMatch(/Tests.*passed/));
  },
);
