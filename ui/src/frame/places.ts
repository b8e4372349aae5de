/** Where one can go, and the key that goes there. */
export const places = [
  { path: '/', name: 'Panel', key: 'p' },
  { path: '/routes', name: 'Routes', key: 'r' },
  { path: '/inlets', name: 'Inlets', key: 'i', also: ['/readings', '/profiles', '/symbols'] },
  { path: '/journal', name: 'Journal', key: 'j' },
  { path: '/blotter', name: 'Blotter', key: 'b', also: ['/positions'] },
  { path: '/trades', name: 'Trades', key: 't' },
  { path: '/accounts', name: 'Accounts', key: 'a' },
] as const;
