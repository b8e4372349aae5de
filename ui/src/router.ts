import { createRouter } from 'sv-router';
import Accounts from './accounts/Accounts.svelte';
import Blotter from './blotter/Blotter.svelte';
import NotFound from './frame/NotFound.svelte';
import Inlets from './inlets/Inlets.svelte';
import Journal from './journal/Journal.svelte';
import Panel from './panel/Panel.svelte';
import RoutePage from './routes/RoutePage.svelte';
import Routes from './routes/Routes.svelte';

export const { p, navigate, isActive, route } = createRouter({
  '/': Panel,
  '/routes': Routes,
  '/routes/:id': RoutePage,
  '/inlets': Inlets,
  '/journal': Journal,
  '/journal/:id': Journal,
  '/blotter': Blotter,
  '/accounts': Accounts,
  '*notFound': NotFound,
});
