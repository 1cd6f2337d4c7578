// Everything that a page of plain markup needs besides the recipe: the style sheets, and the office.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css';
import './office';
import './page.css';
