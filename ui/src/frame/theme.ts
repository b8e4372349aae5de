/** Changes between day and night, and remembers it. */
export function changeTheme(): void {
  const next = document.documentElement.dataset['theme'] === 'night' ? 'day' : 'night';
  document.documentElement.dataset['theme'] = next;
  localStorage.setItem('theme', next);
}
