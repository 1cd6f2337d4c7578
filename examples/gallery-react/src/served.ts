// Whether the page is rendered by a server: then some things are open and chosen from the first.
import { createContext, useContext } from 'react';

export const Served = createContext(false);
export const useServed = () => useContext(Served);
