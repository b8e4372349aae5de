import { createRouter } from 'sv-router';
import Accounts from './accounts/Accounts.svelte';
import Blotter from './blotter/Blotter.svelte';
import NotFound from './frame/NotFound.svelte';
import InletPage from './inlets/InletPage.svelte';
import Inlets from './inlets/Inlets.svelte';
import Journal from './journal/Journal.svelte';
import Notices from './notices/Notices.svelte';
import Panel from './panel/Panel.svelte';
import PositionPage from './positions/PositionPage.svelte';
import Profiles from './profiles/Profiles.svelte';
import ReadingPage from './readings/ReadingPage.svelte';
import Readings from './readings/Readings.svelte';
import RoutePage from './routes/RoutePage.svelte';
import Routes from './routes/Routes.svelte';
import SlipsPage from './slips/SlipsPage.svelte';
import Symbols from './symbols/Symbols.svelte';
import Trades from './trades/Trades.svelte';

export const { p, navigate, isActive, route } = createRouter({
  '/': Panel,
  '/routes': Routes,
  '/routes/:id': RoutePage,
  '/routes/:id/slips': SlipsPage,
  '/inlets': Inlets,
  '/inlets/:id': InletPage,
  '/readings': Readings,
  '/readings/:id': ReadingPage,
  '/profiles': Profiles,
  '/symbols': Symbols,
  '/notices': Notices,
  '/journal': Journal,
  '/journal/:id': Journal,
  '/blotter': Blotter,
  '/positions/:id': PositionPage,
  '/trades': Trades,
  '/accounts': Accounts,
  '*notFound': NotFound,
});
