// What its test does; `elastic-shell new --test` writes the rest around it.
named('Boat').click();
await until(() => named('Boat').getAttribute('aria-expanded') === 'true');
named('Lift').click();
await until(() => document.querySelector('output')?.textContent === 'lift');
