// What its test does; `elastic-shell new --test` writes the rest around it.
const hint = document.querySelector('[role=tooltip]');
expect(named('Haul out').getAttribute('aria-describedby')).toBe(hint?.id);
