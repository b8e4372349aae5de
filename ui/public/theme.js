// Runs before anything is drawn, so that the night is never lit up by a flash of day.
const kept = localStorage.getItem('theme');
const night = matchMedia('(prefers-color-scheme: dark)').matches;
document.documentElement.dataset.theme = kept ?? (night ? 'night' : 'day');
