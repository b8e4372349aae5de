import { expect, test } from '@playwright/test';
import { readyDesk } from './steps';

test('the editor says at every keystroke what would go out, and every version can be had back', async ({ page, request }) => {
  await readyDesk(page, request);
  const would = page.getByRole('region', { name: 'A message like this, now, would' });
  await expect(would).toContainText('250 USD ÷');
  await page.getByLabel('Amount').fill('400');
  await expect(would).toContainText('400 USD ÷');
  await page.getByLabel('Times').fill('0.5');
  await expect(would).toContainText('× 0.5');
  await page.getByLabel('An order, at most', { exact: true }).fill('100');
  await expect(would).toContainText('capped at 100 USD per order');
  await page.getByLabel('A message like this', { exact: true }).fill('add MARL/USD');
  await expect(would).toContainText('flat: nothing to add to');
  await page.getByLabel('A message like this', { exact: true }).fill('nonsense');
  await expect(would).toContainText('teach Wexon this shape');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved.')).toBeVisible();

  await page.getByText('History').click();
  await expect(page.getByText('size amount: 250 → 400')).toBeVisible();
  await page.getByRole('button', { name: 'Back to this' }).click();
  await expect(page.getByLabel('Amount')).toHaveValue('250');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('size amount: 400 → 250')).toBeVisible();

  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Export' }).click()]);
  await page.getByRole('link', { name: 'Duplicate' }).click();
  await expect(page.getByLabel('Name of the route')).toHaveValue('Marl swings, copy');
  await page.getByLabel('Sides').selectOption('short');
  await page.getByRole('button', { name: 'Make the route' }).click();
  await expect(page.getByRole('heading', { name: 'Marl swings, copy' })).toBeVisible();
  await page.getByLabel('Import a route').setInputFiles(await file.path());
  await expect(page.getByLabel('Name of the route')).toHaveValue('Marl swings');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('has this name')).toBeVisible();
});
