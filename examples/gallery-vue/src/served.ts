// Whether a server renders the page. Then some things are open and selected initially.
import { inject, type InjectionKey } from 'vue';

export const served: InjectionKey<boolean> = Symbol('served');
export const useServed = () => inject(served, false);
