// What a page of plain markup needs besides the recipe: the styles, and the office.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css';
import './office';
import './page.css';
