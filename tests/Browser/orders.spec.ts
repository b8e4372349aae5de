import { expect, test } from '@playwright/test';
import { readyDesk } from './steps';

test('orders that wait are seen, moved and taken back, and follow by themselves', async ({ page, request }) => {
  const { address } = await readyDesk(page, request);
  await page.getByRole('button', { name: 'Arm' }).click();
  await expect(page.getByRole('region', { name: 'State' })).toContainText('Armed');
  await page.getByText('Planned adds').click();
  await expect(page.getByRole('table', { name: 'Ladder' }).getByRole('row')).toHaveCount(5);

  await page.goto('/blotter');
  const working = page.getByRole('region', { name: 'Working orders' });
  await expect(working).toContainText('Nothing is waiting');
  for (const [label, away] of [
    ['low', '30%'],
    ['lower', '40%'],
    ['lowest', '50%'],
  ]) {
    await request.post(address, { data: `place long MARL/USD limit ${away} label ${label}` });
  }
  await expect(working.getByRole('row')).toHaveCount(4);
  await working.getByRole('button', { name: 'Move lowest' }).click();
  await page.getByLabel('New price').fill('1.005');
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(working.getByRole('alert')).toContainText('in steps of 0.01');
  await page.getByLabel('New price').fill('5.01');
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(working.getByRole('row').filter({ hasText: 'lowest' })).toContainText('5.01');
  await working.getByRole('button', { name: 'Cancel lower', exact: true }).click();
  await expect(working.getByRole('row')).toHaveCount(3);
  await working.getByRole('button', { name: 'Cancel all' }).click();
  await working.getByRole('button', { name: 'Take all back' }).click();
  await expect(working).toContainText('Nothing is waiting');
  await expect(page.getByRole('region', { name: 'Orders', exact: true })).toContainText('Taken back with all others by Mira Solt.');
});
