// The steps of its test. `elastic-shell new --test` writes the rest.
named('Boat').click();
await until(() => named('Boat').getAttribute('aria-expanded') === 'true');
named('Lift').click();
await until(() => document.querySelector('output')?.textContent === 'lift');
