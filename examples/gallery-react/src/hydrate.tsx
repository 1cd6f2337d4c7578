import { hydrateRoot } from 'react-dom/client';
import { ServedPage } from './ServedPage';

const place = document.querySelector('#app')!;

/** Elements wait until React has taken the page over: they would write what it compares. */
const start = (): void => place.removeAttribute('data-wire-wait');

hydrateRoot(place, <ServedPage onReady={start} />);
