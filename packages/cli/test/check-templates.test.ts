// Templates: what is wrong in them is found in its place, and what cannot be known is not spoken about.
import { join } from 'node:path';
import { folderOf, run } from './run';

interface Row {
  file: string;
  line: number;
  column: number;
  code: string;
  severity: string;
}

/** Another file, which holds what buttons in the others name. */
const elsewhere =
  '<p id="sheet"></p><dialog id="elsewhere" aria-label="E"><form method="dialog"></form></dialog>';

/** What is found in files, as `file:line:column code`. */
async function found(files: Record<string, string>, args: readonly string[] = []): Promise<string[]> {
  const folder = folderOf({ ...files, 'elsewhere.html': elsewhere });
  const { out, error } = await run(['check', folder, '--format', 'json', ...args]);
  expect(error).toBe('');
  const rows = JSON.parse(out) as Row[];
  return rows.map(
    ({ file, line, column, code }) => `${file.slice(folder.length + 1)}:${line}:${column} ${code}`,
  );
}

/** The same three mistakes, in each language of templates, with where they are. */
const mistakes: [language: string, files: Record<string, string>, rows: readonly string[]][] = [
  [
    'React',
    {
      'Orders.tsx': `export function Orders({ open }: { open: boolean }) {
  return (
    <form>
      <button commandFor="sheet" command="--toggle">More</button>
      {open && <div role="buton">Go</div>}
      <div onClick={() => strike()}>Strike</div>
    </form>
  );
}`,
    },
    [
      'Orders.tsx:4:7 invoker-type-missing',
      'Orders.tsx:5:21 role-unknown',
      'Orders.tsx:6:12 press-unreachable',
    ],
  ],
  [
    'Vue',
    {
      'Orders.vue': `<script setup lang="ts">
const open = defineModel<boolean>();
</script>
<template>
  <form>
    <button commandfor="sheet" command="--toggle">More</button>
    <div v-if="open" role="buton">Go</div>
    <div @click="strike">Strike</div>
  </form>
</template>`,
    },
    [
      'Orders.vue:6:5 invoker-type-missing',
      'Orders.vue:7:22 role-unknown',
      'Orders.vue:8:10 press-unreachable',
    ],
  ],
  [
    'Svelte',
    {
      'Orders.svelte': `<script lang="ts">
  let { open }: { open: boolean } = $props();
</script>
<form>
  <button commandfor="sheet" command="--toggle">More</button>
  {#if open}<div role="buton">Go</div>{/if}
  <div onclick={strike}>Strike</div>
</form>`,
    },
    [
      'Orders.svelte:5:3 invoker-type-missing',
      'Orders.svelte:6:18 role-unknown',
      'Orders.svelte:7:8 press-unreachable',
    ],
  ],
  [
    'Angular, inline',
    {
      'orders.ts': `@Component({
  selector: 'yard-orders',
  template: \`
    <form>
      <button commandfor="sheet" command="--toggle">More</button>
      @if (open()) { <div role="buton">Go</div> }
      <div (click)="strike()">Strike</div>
    </form>
  \`,
})
export class Orders {}`,
    },
    ['orders.ts:5:7 invoker-type-missing', 'orders.ts:6:27 role-unknown', 'orders.ts:7:12 press-unreachable'],
  ],
  [
    'Angular, in a file',
    {
      'orders.ts': `@Component({ selector: 'yard-orders', templateUrl: './orders.html' }) export class Orders {}`,
      'orders.html': `<form>
  <button commandfor="sheet" command="--toggle">More</button>
  @if (open()) { <div role="buton">Go</div> }
  <div (click)="strike()">Strike</div>
</form>`,
    },
    [
      'orders.html:2:3 invoker-type-missing',
      'orders.html:3:23 role-unknown',
      'orders.html:4:8 press-unreachable',
    ],
  ],
  [
    'Astro',
    {
      'orders.astro': `---
const { open } = Astro.props;
---
<form>
  <button commandfor="sheet" command="--toggle">More</button>
  {open && <div role="buton">Go</div>}
  <div onclick="strike()">Strike</div>
</form>`,
    },
    [
      'orders.astro:5:3 invoker-type-missing',
      'orders.astro:6:17 role-unknown',
      'orders.astro:7:8 press-unreachable',
    ],
  ],
  [
    'a template literal that is marked as HTML',
    {
      'orders.js': `export const orders = (open) => html\`
  <form>
    <button commandfor="sheet" command="--toggle">\${open}</button>
    <div role="buton">Go</div>
    <div @click=\${strike}>Strike</div>
  </form>\`;
export const other = /* html */ \`<p role="buton">Go</p>\`;
export const none = \`<p role="buton">Go</p>\`;`,
    },
    [
      'orders.js:3:5 invoker-type-missing',
      'orders.js:4:10 role-unknown',
      'orders.js:5:5 press-unreachable',
      'orders.js:7:37 role-unknown',
    ],
  ],
];

describe('check in templates', () => {
  it.each(mistakes)('%s: finds mistakes in their places', async (_, files, rows) => {
    expect(await found(files)).toEqual(rows);
  });

  it('is silent about what is bound, spread, filled in or a component', async () => {
    const rows = await found({
      'Row.tsx': `export const Row = ({ id, label, children, ...rest }) => (
  <>
    <button {...rest} />
    <button aria-label={label} />
    <button>{children}</button>
    <button><Icon /></button>
    <button commandfor={id} command="--toggle">Go</button>
    <button commandfor="elsewhere" command="show-modal">Go</button>
    <div role={rest.role} aria-checked={label} />
    <Tabs><div role="tab">A</div></Tabs>
    <ul><li role="option">A</li></ul>
    <dialog {...rest} />
    <dialog>{children}</dialog>
    <input id={id} />
    {label ? <p id="a" /> : <p id="a" />}
  </>
);`,
      'Row.vue': `<template>
  <button :aria-label="label" /><button v-bind="$attrs" /><button><slot /></button><button v-html="label" />
  <div :role="role" /><my-tabs><div role="tab">A</div></my-tabs>
  <template v-if="open"><p id="a" /></template><p v-else id="a" />
</template>`,
      'Row.svelte': `<button aria-label={label}></button><button {...rest}></button><button>{@render children()}</button>
<div use:tabs></div><div {role}></div>{#if open}<p id="a"></p>{:else}<p id="a"></p>{/if}`,
      'row.component.html': `<button [attr.aria-label]="label"></button><button><ng-content /></button><button [innerHTML]="label"></button>
<div [attr.role]="role"></div><yard-tabs><div role="tab">A</div></yard-tabs>`,
      'row.html': `<button aria-label="{{ label }}"></button><button>{% include "icon" %}</button><p id="{{ id }}"></p><p id="{{ id }}"></p>`,
    });
    expect(rows).toEqual([]);
  });

  it("counts the bindings' spreads as what they give", async () => {
    const rows = await found({
      'Tides.tsx': `import { useDialog, useTabs } from 'elastic-shell/react';
export function Tides() {
  const tides = useDialog();
  const tabs = useTabs({ selected: 'a' });
  return (
    <form>
      <button {...tides.opener()}>Tides</button>
      <dialog {...tides.root}><p>No name</p><button {...tides.closer()}>Close</button></dialog>
      <div {...tabs.root}><div {...tabs.list}><button {...tabs.tab('a')}><a href="/">A</a></button></div></div>
    </form>
  );
}`,
    });
    expect(rows).toEqual([
      'Tides.tsx:8:7 dialog-name-missing',
      'Tides.tsx:9:32 tablist-name-missing',
      'Tides.tsx:9:74 interactive-nested',
    ]);
  });

  it('knows the elements of this library in templates, with their properties', async () => {
    const rows = await found({
      'Tides.tsx': `export const Tides = () => (
  <shell-dialog guard={ask} escape={mode} esacpe="keep"><dialog aria-label="Tides"><form method="dialog" /></dialog></shell-dialog>
);`,
    });
    expect(rows).toEqual(['Tides.tsx:2:43 shell-attribute-unknown']);
  });

  it('finds nothing in the galleries, the desk, the recipes and the pages of the orders', async () => {
    const { code, out, error } = await run(['check', join(__dirname, '../../../examples')]);
    expect([code, out, error]).toEqual([
      0,
      expect.stringMatching(/^\d+ files checked: nothing found; 1 finding accepted\.\n$/),
      '',
    ]);
  });

  it('says of a template that does not parse, where and why', async () => {
    const folder = folderOf({
      'a.tsx': 'const a = <p',
      'b.vue': '<template><p></template>',
      'c.html': '<p>Fine</p>',
    });
    const { code, out, error } = await run(['check', folder]);
    expect([code, out]).toEqual([2, '1 file checked: nothing found.\n']);
    expect(error).toMatch(/a\.tsx: it can't be parsed: .+\n.*b\.vue: Vue can't parse it: .+\n$/);
    expect(error).not.toMatch(/\n\s+at /);
  });
});

it('two components of a file may each have a handle of the same name', async () => {
  const dialog = (component: string, head: string): string => `export function ${component}() {
  const d = useDialog();
  return (
    <>
      <button type="button" {...d.opener()}>Open</button>
      <dialog {...d.root}>${head}<button {...d.closer()}>Close</button></dialog>
    </>
  );
}
`;
  const start = "import { useDialog, useDisclosure } from 'elastic-shell/react';\n";
  const more = `export function More() {
  const d = useDisclosure();
  return (
    <section>
      <button type="button" {...d.opener()}>More</button>
      <div {...d.root}>The ladder</div>
    </section>
  );
}
`;
  const heading = '<h2>Tides</h2>';
  expect(await found({ 'Two.tsx': start + more + dialog('Two', heading) })).toEqual([]);
  expect(await found({ 'Two.tsx': start + dialog('One', heading) + more })).toEqual([]);
  // What is wrong in the second is found there.
  expect(await found({ 'Two.tsx': start + dialog('One', heading) + dialog('Two', '') })).toEqual([
    expect.stringMatching(/^Two\.tsx:16:\d+ dialog-name-missing$/),
  ]);
});

it('an Astro page of elements thousands deep is passed over in one sentence', async () => {
  const folder = folderOf({ 'deep.astro': '<div>'.repeat(3000) + '</div>'.repeat(3000) });
  const { code, out, error } = await run(['check', folder]);
  expect([code, out]).toEqual([2, '']);
  expect(error).toContain('deep.astro: more than 500 of its elements are nested; it was skipped.');
});

describe('handles', () => {
  const bindings = "import { useDialog, useDisclosure } from 'elastic-shell/react';\n";

  it('of one name belong to their scopes: two components, blocks, a parameter that hides one', async () => {
    const rows = await found({
      'Two.jsx': `${bindings}export function More() {
  const d = useDisclosure();
  return <section {...d.root}><button type="button" {...d.opener()}>More</button>{rows.map((d) => <p {...d.root} id="x" />)}</section>;
}
const sheet = () => <Yard render={() => {
  const d = useDialog();
  return <><button type="button" {...d.opener()}>Order</button><dialog {...d.root} aria-label="Order"><button type="button" {...d.closer()}>Close</button></dialog></>;
}} />;
if (isLate) { const d = useDialog(); late = <dialog {...d.root} aria-label="A"><button type="button" {...d.closer()}>x1</button></dialog>; }
else { const d = useDisclosure(); late = <button type="button" {...d.opener()}>A</button>; }`,
    });
    expect(rows).toEqual([]);
  });

  it('a ref or an id beside the part that gives one is found, in each language that spreads parts', async () => {
    const rows = await found({
      'A.jsx': `${bindings}export function A({ mine }) {
  const a = useDialog({ id: 'a' });
  return <dialog ref={mine} {...a.root} aria-label="A"><button id="b" type="button" {...a.closer()}>Close</button></dialog>;
}`,
      'B.vue': `<script setup>
import { useDialog } from 'elastic-shell/vue';
const b = useDialog();
</script>
<template><dialog ref="mine" v-bind="b.root" id="mine" aria-label="B"><button type="button" v-bind="b.closer()">Close</button></dialog></template>`,
      'C.svelte': `<script>
import { createDialog } from 'elastic-shell/svelte';
const c = createDialog();
</script>
<dialog {...c.root} id={mine} aria-label="C"><button type="button" {...c.closer()}>Close</button></dialog>`,
    });
    expect(rows).toEqual([
      'A.jsx:4:18 part-attribute-replaced',
      'B.vue:5:46 part-attribute-replaced',
      'C.svelte:5:21 part-attribute-replaced',
    ]);
  });
});

describe('ids that another file may hold', () => {
  const opener = (id: string) => `<button type="button" commandfor="${id}" command="show-modal">Go</button>`;
  const files = {
    'A.jsx': `export const A = () => <>${opener('ordres')}${opener('orders')}${opener('tides-sheet')}${opener('boat')}</>;`,
    'B.jsx': `const name = 'boat';
export const B = ({ kind }) => <><dialog id="orders" aria-label="Orders"><form method="dialog" /></dialog><Sheet id={\`\${kind}-sheet\`} /></>;`,
  };
  const near = 'A.jsx:1:48 invoker-target-missing';

  it('no file of a folder holds: a warning, with the one that was meant', async () => {
    expect(await found(files)).toEqual([near]);
    const folder = folderOf(files);
    const { out } = await run(['check', folder]);
    expect(out).toContain('no file of this run contains that id: clicking it does nothing.');
    expect(out).toContain('Did you mean "orders"?');
    expect((await run(['check', folder, '--quiet'])).code).toBe(0);
  });

  it('says nothing where files are named: another may hold them', async () => {
    const folder = folderOf(files);
    expect((await run(['check', join(folder, 'A.jsx')])).code).toBe(0);
  });
});
