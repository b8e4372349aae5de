import { expect, test, type APIRequestContext, type Page } from '@playwright/test';

const venue = process.env['WEXON_VENUE_URL'] ?? 'http://127.0.0.1:8643';

async function keyAtVenue(request: APIRequestContext, environment = 'practice', permissions = ['read', 'trade']) {
  const answer = await request.post(`${venue}/keys`, { data: { name: 'Browser', environment, permissions, cash: '50000' } });
  return (await answer.json()) as { key: string; secret: string };
}

async function signUp(page: Page) {
  await page.goto('/');
  await page.getByRole('button', { name: 'New here: make a desk' }).click();
  await page.getByLabel('Name of the desk').fill('Heron Wharf');
  await page.getByLabel('Your name').fill('Mira Solt');
  await page.getByLabel('Mail address').fill(`mira-${Date.now()}-${Math.floor(Math.random() * 1e6)}@heron.example`);
  await page.getByLabel('Password').fill('a long password');
  await page.getByRole('button', { name: 'Sign up' }).click();
  await expect(page.getByText('No line is laid yet')).toBeVisible();
}

async function connect(page: Page, request: APIRequestContext, name: string, environment = 'practice', permissions = ['read', 'trade']) {
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

async function makeInlet(page: Page) {
  await page.goto('/inlets');
  await page.getByLabel('New inlet').fill('Swing charts');
  await page.getByRole('button', { name: 'Make the inlet' }).click();
  await page.getByRole('button', { name: 'Show', exact: true }).click();
  await expect(page.locator('article code')).toContainText('/in/');
  return (await page.locator('article code').textContent()) ?? '';
}

async function makeRoute(page: Page, instrument: string, sides = 'both') {
  await page.goto('/routes/new');
  await page.getByLabel('Name of the route').fill('Marl swings');
  await page.getByLabel("Chart's ticker, leg 1").fill('MARL/USD');
  await page.getByLabel('Instrument, leg 1').selectOption(instrument);
  await page.getByLabel('Sides').selectOption(sides);
  await page.getByLabel('Amount').fill('250');
  await page.getByRole('button', { name: 'Make the route' }).click();
  await expect(page.getByRole('region', { name: 'State' })).toContainText('Draft');
}

test('a newcomer goes from nothing to a filled order, and every screen follows without a reload', async ({ page, request, context }) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await signUp(page);
  await connect(page, request, 'First account');
  const address = await makeInlet(page);
  await makeRoute(page, 'marl_perp');

  await page.getByRole('button', { name: 'Dry run' }).click();
  await expect(page.getByRole('region', { name: 'Guard' }).or(page.getByText('The route is a draft')).first()).toBeVisible();
  await page.getByRole('button', { name: 'Arm' }).click();
  await expect(page.getByRole('region', { name: 'State' })).toContainText('Armed');

  const panel = await context.newPage();
  const blotter = await context.newPage();
  await panel.goto('/');
  await blotter.goto('/blotter');
  await expect(panel.getByText('No signal yet')).toBeVisible();
  await expect(blotter.getByText('Everything is flat')).toBeVisible();
  await expect(panel.getByText('figures are live')).toBeVisible();
  await expect(blotter.getByText('figures are live')).toBeVisible();

  const answer = await request.post(address, { data: '{"do": "enter", "side": "long", "symbol": "MARL/USD", "label": "from the shell"}', headers: { 'Content-Type': 'text/plain' } });
  expect(answer.status()).toBe(202);

  await expect(panel.getByRole('article')).toContainText('marl_perp at market');
  await expect(panel.getByRole('region', { name: 'Open now' })).toContainText('▲ long');
  await expect(blotter.getByRole('region', { name: 'Positions' })).toContainText('marl_perp');
  await expect(blotter.getByRole('region', { name: 'Orders' })).toContainText('filled');
  await expect(blotter.getByRole('region', { name: 'Fills' })).toContainText('QF');

  await panel.getByRole('region', { name: 'Last decisions' }).getByRole('link').first().click();
  await expect(panel.getByRole('region', { name: 'Trace' })).toContainText('250 USD ÷');
  await panel.getByRole('button', { name: 'Decide again' }).click();
  await expect(panel.getByText('the same steps, the same orders')).toBeVisible();

  await request.post(address, { data: 'Marl crossing up', headers: { 'Content-Type': 'text/plain' } });
  await panel.goto('/journal');
  await panel.getByRole('button', { name: 'Unreadable' }).click();
  await expect(panel.getByText('Marl crossing up').first()).toBeVisible();
  expect(errors).toEqual([]);
});

test('mistakes are pointed out where they are made, and twice is not twice', async ({ page, request }) => {
  await signUp(page);
  await connect(page, request, 'Risky', 'practice', ['read', 'trade', 'withdraw']);
  await expect(page.getByRole('alert')).toContainText('may withdraw money');
  await makeInlet(page);
  await page.getByLabel('New inlet').fill('Swing charts');
  await page.getByRole('button', { name: 'Make the inlet' }).dblclick();
  await expect(page.getByRole('alert')).toContainText('has this name');
  await makeRoute(page, 'marl_spot');
  await page.getByRole('button', { name: 'Arm' }).click();
  await page.getByLabel('Test message').fill('{"do": "enter", "side": "short", "symbol": "MARL/USD"}');
  await page.getByRole('button', { name: 'Dry run' }).click();
  await expect(page.getByText('cannot be sold short').first()).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('button', { name: 'Remove for good' }).click();
  await expect(page.getByText('pause it first')).toBeVisible();
});

test('live money is framed, and armed only by typing the name of the account', async ({ page, request }) => {
  await signUp(page);
  await connect(page, request, 'Real purse', 'live');
  await expect(page.getByRole('article')).toContainText('LIVE MONEY');
  await makeInlet(page);
  await page.goto('/routes/new');
  await page.getByLabel('Real purse').check();
  await page.getByLabel('Name of the route').fill('Careful');
  await page.getByLabel("Chart's ticker, leg 1").fill('MARL/USD');
  await page.getByLabel('Instrument, leg 1').selectOption('marl_perp');
  await page.getByRole('button', { name: 'Make the route' }).click();
  await page.getByRole('button', { name: 'Arm' }).click();
  await page.getByRole('button', { name: 'Arm' }).click();
  await expect(page.getByRole('alert')).toContainText("Type the account's name, Real purse");
  await page.getByLabel(/type “Real purse” to arm/).fill('Real purse');
  await page.getByRole('button', { name: 'Arm' }).click();
  await expect(page.getByText('LIVE MONEY IS BEING TRADED')).toBeVisible();
});

test('the keyboard alone gets about, and signing out closes the box', async ({ page }) => {
  await signUp(page);
  await page.keyboard.press('b');
  await expect(page.getByRole('heading', { name: 'Blotter' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('journ');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Journal' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await page.goto('/blotter');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
});
