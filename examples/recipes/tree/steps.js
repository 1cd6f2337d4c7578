// The steps of its test. `elastic-shell new --test` writes the rest.
const sheds = find('[role=treeitem]');
press(sheds, 'ArrowRight');
await until(() => sheds.getAttribute('aria-expanded') === 'true');
press(sheds, 'ArrowRight');
await until(() => document.activeElement?.textContent?.trim() === 'Sail loft');
