import { expect, test } from '@playwright/test';
import { readyDesk } from './steps';

test('a preflight is mended, a question answered, a refusal overruled and everything halted, without a reload', async ({
  page,
  request,
  browser,
}) => {
  const desk = await readyDesk(page, request, 'marl_spot');
  await page.getByRole('button', { name: 'Arm' }).click();
  await expect(page.getByRole('alert')).toContainText('cannot be sold short: marl_spot');
  await page.getByRole('button', { name: 'Trade long only' }).click();
  await expect(page.getByRole('button', { name: 'Trade long only' })).toHaveCount(0);
  await page.getByText('Ask first, before anything is opened').click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.getByRole('button', { name: 'Arm', exact: true }).click();
  await expect(page.getByRole('region', { name: 'State' })).toContainText('Mira Solt');

  // The question stands on the Panel, and behind its link for somebody who is not signed in.
  await page.goto('/');
  await request.post(desk.address, { data: 'enter long MARL/USD' });
  const waiting = page.getByRole('region', { name: 'Waiting' });
  await expect(waiting).toContainText('buy');
  const notices = (await (
    await page.request.get('/api/v1/notices', { headers: { Referer: page.url(), Accept: 'application/json' } })
  ).json()) as { data: { kind: string; link: string }[] };
  const link = notices.data.find((notice) => notice.kind === 'ask')?.link ?? '';
  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(link);
  await stranger.getByLabel('How much of it').selectOption('50');
  await stranger.getByRole('button', { name: 'Send it' }).click();
  await expect(stranger.getByText('You said yes')).toBeVisible();
  await expect(waiting).toHaveCount(0);
  await expect(page.getByText('marl_spot').first()).toBeVisible();
  await stranger.reload();
  await expect(stranger.getByText('does not wait for an answer any more')).toBeVisible();

  // A limit refuses; it is run all the same.
  await page.goto(`/routes/${desk.routeId}`);
  await page.getByText('Ask first, before anything is opened').click();
  await page.getByText('Limits on what opens something').click();
  await page.getByLabel('Spread, at most').fill('0.00001');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await request.post(desk.address, { data: 'exit MARL/USD' });
  await request.post(desk.address, { data: 'enter long MARL/USD' });
  await page.goto('/journal');
  await page.getByRole('region', { name: 'Messages' }).getByRole('link').filter({ hasText: 'refused' }).first().click();
  await expect(page.getByRole('link', { name: 'See the guard' })).toBeVisible();
  await page.getByRole('button', { name: 'Run it all the same' }).click();
  await page.getByRole('button', { name: 'Run it now' }).click();
  await expect(page.getByText('who overruled “spread”')).toBeVisible();

  // Everything stops, whatever screen is open, until somebody with the password says so.
  await page.getByRole('button', { name: 'Halt', exact: true }).click();
  await page.getByText('and close what is held').click();
  await page.getByRole('button', { name: 'Halt now' }).click();
  const halted = page.getByRole('region', { name: 'Halted' });
  await expect(halted).toContainText('by Mira Solt');
  await page.goto('/blotter');
  await expect(halted).toBeVisible();
  await expect(page.getByRole('region', { name: 'Positions' }).getByRole('link', { name: 'marl_spot' })).toHaveCount(0);
  await halted.getByRole('button', { name: 'Lift' }).click();
  await halted.getByLabel('Your password').fill('a guess');
  await halted.getByRole('button', { name: 'Let orders go out' }).click();
  await expect(halted.getByRole('alert')).toContainText('That is not your password.');
  await halted.getByLabel('Your password').fill('a long password');
  await halted.getByRole('button', { name: 'Let orders go out' }).click();
  await expect(halted).toHaveCount(0);
});
