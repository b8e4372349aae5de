import { expect, test } from '@playwright/test';
import { readyDesk } from './steps';

test('a position is looked after as the route says, and by hand, without a reload', async ({ page, request }) => {
  const desk = await readyDesk(page, request);
  await page.getByRole('button', { name: 'Arm' }).click();
  await page.getByLabel('Stop', { exact: true }).fill('20');
  await page.getByRole('button', { name: 'Take profit at a target' }).click();
  await page.getByLabel('Share of target 1').fill('50');
  await page.getByLabel('Target 1', { exact: true }).fill('30');
  await expect(page.getByText('50 % of the position is left to the stop or a signal.')).toBeVisible();
  await expect(page.getByText(/Then looked after: stop at [\d.]+ \(20%\); target 1 at/)).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();

  await page.goto('/blotter');
  await request.post(desk.address, { data: 'enter long MARL/USD' });
  await page.getByRole('region', { name: 'Positions' }).getByRole('link', { name: 'marl_perp' }).click();
  await expect(page.getByRole('img', { name: /Price of marl_perp/ })).toBeVisible();
  const stop = page.getByLabel('Stop at');
  await expect(stop).toHaveValue(/\d/);
  await expect(page.getByText('at the venue').first()).toBeVisible();

  const first = await stop.inputValue();
  await stop.fill('900');
  await page.getByRole('button', { name: 'Move it there' }).click();
  await expect(page.getByRole('alert')).toContainText('would be hit at once');
  const nearer = (Number(first) * 1.1).toFixed(2);
  await stop.fill(nearer);
  await page.getByRole('button', { name: 'Move it there' }).click();
  await expect(stop).toHaveValue(nearer);
  await expect(page.getByRole('button', { name: 'Leave it' })).toHaveCount(0);

  await page.getByRole('button', { name: 'Let it run' }).click();
  await expect(page.getByText('No target: it runs until')).toBeVisible();
  await page.getByRole('button', { name: 'Close 50 %' }).click();
  await page.getByRole('button', { name: 'Close 50 % now' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'filled: sell' })).toBeVisible();
  await page.getByRole('button', { name: 'Flatten' }).click();
  await page.getByRole('button', { name: /^Close all/ }).click();
  await expect(page.getByText('Nothing is held any more')).toBeVisible();
  await page.getByRole('link', { name: 'trades', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Closed trades' })).toContainText('by hand, Mira Solt');
  await expect(page.getByRole('region', { name: 'What the trades came to' })).toContainText('Marl swings');
});
