// The gallery as HTML, for each request.
import { renderToString } from 'react-dom/server';
import { ServedPage } from './ServedPage';

export const render = () => ({ app: renderToString(<ServedPage />), head: '' });
