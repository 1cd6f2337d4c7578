import { hydrateRoot } from 'react-dom/client';
import { ServedPage } from './ServedPage';

const place = document.querySelector('#app')!;

/** Elements wait until React has hydrated the page, because they would write attributes that it compares. */
const start = (): void => place.removeAttribute('data-wire-wait');

hydrateRoot(place, <ServedPage onReady={start} />);
