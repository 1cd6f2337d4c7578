// The first page has a style sheet of its own, so that no other page loads it.
import './home.css';
