// What every page of the site has: its contents, its look, its search, its code. All of it is made of the library itself; what is not
// on the page, or not opened, is not loaded.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css';
import './site.css';
import { wireCodes } from './codes';
import { wireContents } from './contents';
import { wireHere } from './here';
import { lightKeys } from './keys';
import { wireLook } from './look';
import { wireSearch } from './search-opener';

wireContents();
wireLook();
wireSearch();
wireHere();
if (document.querySelector('.code')) wireCodes();
lightKeys();
if (document.querySelector('[data-theme-editor]'))
  void import('./theme').then(({ wireThemeEditor }) => wireThemeEditor());
