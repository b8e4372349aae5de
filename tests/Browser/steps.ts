import { expect, type APIRequestContext, type Page } from '@playwright/test';

/** What a trader does before anything else: sign up, connect an account, make an inlet and a route. */

const venue = process.env['WEXON_VENUE_URL'] ?? 'http://127.0.0.1:8643';

export async function keyAtVenue(request: APIRequestContext, environment = 'practice', permissions = ['read', 'trade']) {
  const answer = await request.post(`${venue}/keys`, { data: { name: 'Browser', environment, permissions, cash: '50000' } });
  return (await answer.json()) as { key: string; secret: string };
}

export async function signUp(page: Page) {
  await page.goto('/');
  await page.getByRole('button', { name: 'New here: make a desk' }).click();
  await page.getByLabel('Name of the desk').fill('Heron Wharf');
  await page.getByLabel('Your name').fill('Mira Solt');
  await page.getByLabel('Mail address').fill(`mira-${Date.now()}-${Math.floor(Math.random() * 1e6)}@heron.example`);
  await page.getByLabel('Password').fill('a long password');
  await page.getByRole('button', { name: 'Sign up' }).click();
  await expect(page.getByText('No line is laid yet')).toBeVisible();
}

export async function connect(page: Page, request: APIRequestContext, name: string, environment = 'practice', permissions = ['read', 'trade']) {
  const made = await keyAtVenue(request, environment, permissions);
  await page.goto('/accounts');
  await page.getByRole('button', { name: 'Connect an account' }).click();
  await page.getByLabel('Your name for it').fill(name);
  await page.getByLabel('Key', { exact: true }).fill(`  ${made.key} `);
  await page.getByLabel('Secret').fill('not the secret');
  await page.getByRole('button', { name: 'Check and connect' }).click();
  await expect(page.getByRole('alert')).toContainText('signature does not fit');
  await page.getByLabel('Secret').fill(made.secret);
  await page.getByRole('button', { name: 'Check and connect' }).click();
  await expect(page.getByRole('article').filter({ hasText: name })).toContainText('50 000.00');
}

export async function makeInlet(page: Page) {
  await page.goto('/inlets');
  await page.getByLabel('New inlet').fill('Swing charts');
  await page.getByRole('button', { name: 'Make the inlet' }).click();
  await page.getByRole('button', { name: 'Show', exact: true }).click();
  await expect(page.locator('article code')).toContainText('/in/');
  return (await page.locator('article code').textContent()) ?? '';
}

export async function makeRoute(page: Page, instrument: string, sides = 'both') {
  await page.goto('/routes/new');
  await page.getByLabel('Name of the route').fill('Marl swings');
  await page.getByLabel("Chart's ticker, leg 1").fill('MARL/USD');
  await page.getByLabel('Instrument, leg 1').selectOption(instrument);
  await page.getByLabel('Sides').selectOption(sides);
  await page.getByLabel('Amount').fill('250');
  await page.getByRole('button', { name: 'Make the route' }).click();
  await expect(page.getByRole('region', { name: 'State' })).toContainText('Draft');
}

/** The same desk without the clicks, for tests that are about something else. Leaves the page on the route. */
export async function readyDesk(page: Page, request: APIRequestContext, instrument = 'marl_perp') {
  await page.goto('/');
  const call = async (method: string, path: string, data?: object) => {
    const token = (await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
    const answer = await page.request.fetch(`/api/v1/${path}`, {
      method,
      data,
      headers: { Referer: page.url(), Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
    });
    expect(answer.ok(), `${method} ${path}: ${await answer.text()}`).toBe(true);
    return JSON.parse((await answer.text()) || '{}') as { data: { id: number }; address: string };
  };
  await call('GET', 'session');
  const email = `mira-${Date.now()}-${Math.floor(Math.random() * 1e6)}@heron.example`;
  await call('POST', 'desk', { desk: 'Heron Wharf', name: 'Mira Solt', email, password: 'a long password' });
  const credentials = await keyAtVenue(request);
  const account = await call('POST', 'accounts', { name: 'First account', venue: 'quarrystone', credentials });
  const inlet = await call('POST', 'inlets', { name: 'Swing charts' });
  const { address } = await call('GET', `inlets/${inlet.data.id}/address`);
  const size = { rule: 'fixed_money', amount: '250' };
  const rules = { legs: [{ symbol: 'MARL/USD', instrument }], sides: 'both', opposite: 'close_only', size };
  const route = await call('POST', 'routes', { name: 'Marl swings', inlet_id: inlet.data.id, account_ids: [account.data.id], rules });
  await page.goto(`/routes/${route.data.id}`);
  return { address, routeId: route.data.id };
}
