// What docs/guides/internationalisation.md shows.
import { setDefaults } from 'elastic-shell';
import 'elastic-shell/combobox';
import 'elastic-shell/carousel';

setDefaults('combobox', {
  messages: {
    none: (query) => (query ? `Kein Treffer für „${query}“` : 'Nichts zur Auswahl'),
    loading: () => 'Wird geladen…',
    retry: () => 'Erneut versuchen',
  },
});
setDefaults('carousel', {
  messages: {
    slide: (number, count) => `${number} von ${count}`,
    rotate: (isRotating) => (isRotating ? 'Wechsel anhalten' : 'Wechsel starten'),
  },
});
