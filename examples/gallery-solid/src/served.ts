// Whether a server renders the page. Then some things are open and selected initially.
import { createContext, useContext } from 'solid-js';

export const Served = createContext(false);
export const useServed = () => useContext(Served);
