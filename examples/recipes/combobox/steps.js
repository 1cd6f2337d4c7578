// The steps of its test. `elastic-shell new --test` writes the rest.
const field = find('[role=combobox]');
press(field, 'ArrowDown');
await until(() => field.getAttribute('aria-expanded') === 'true');
press(field, 'Enter');
await until(() => document.querySelector('output')?.textContent === 'quay');
