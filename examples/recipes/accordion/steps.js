// What its test does; `elastic-shell new --test` writes the rest around it.
expect(named('Before the haul').getAttribute('aria-expanded')).toBe('true');
named('On the slip').click();
await until(() => named('On the slip').getAttribute('aria-expanded') === 'true');
