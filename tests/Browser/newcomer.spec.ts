import { expect, test } from '@playwright/test';
import { connect, makeInlet, makeRoute, signUp } from './steps';

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
  await expect(blotter.getByRole('region', { name: 'Orders', exact: true })).toContainText('filled');
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
  await expect(page.getByRole('alert').filter({ hasText: 'Not armed' })).toContainText('cannot be sold short');
  await page.getByRole('button', { name: 'Arm all the same' }).click();
  await expect(page.getByRole('region', { name: 'State' })).toContainText('Armed');
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
