// What its test does; `elastic-shell new --test` writes the rest around it.
const sheds = find('[role=treeitem]');
press(sheds, 'ArrowRight');
await until(() => sheds.getAttribute('aria-expanded') === 'true');
press(sheds, 'ArrowRight');
await until(() => document.activeElement?.textContent?.trim() === 'Sail loft');
