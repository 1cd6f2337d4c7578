// Before anything is drawn: the look that was chosen, else that of the system.
const kept = localStorage.getItem('dark-look');
if (kept) document.documentElement.style.colorScheme = kept === 'true' ? 'dark' : 'light';
// Code in tabs begins with one panel where a script will show the others.
document.documentElement.classList.add('has-script');
