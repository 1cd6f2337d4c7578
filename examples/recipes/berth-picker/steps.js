// The steps of its test. `elastic-shell new --test` writes the rest.
const field = find('[role=combobox]');
press(field, 'ArrowDown');
await until(() => document.querySelector('[role=option] svg') !== null);
