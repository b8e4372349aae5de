import { expect, test, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readyDesk } from './steps';

const curl = (address: string, body: string) => execFileSync('curl', ['-s', '-d', body, address]).toString();

async function openInlet(page: Page) {
  await page.goto('/inlets');
  await page.getByRole('link', { name: 'Swing charts' }).click();
  await expect(page.getByRole('heading', { name: 'Swing charts' })).toBeVisible();
}

test('from a message of unknown shape to a slip that is ticked off', async ({ page, request }) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  const { address } = await readyDesk(page, request);
  await page.getByRole('button', { name: 'Arm' }).click();
  const unknown = '{"data": {"verb": "GO", "thing": "MARL/USD"}, "px": 38.4, "note": "first",}';

  await openInlet(page);
  await page.getByRole('link', { name: 'Teach a new shape' }).click();
  await page.getByLabel('A message', { exact: true }).fill(unknown);
  await page.getByRole('button', { name: 'data.verb: GO' }).click();
  await page.getByRole('button', { name: 'What to do' }).click();
  await expect(page.getByRole('region', { name: 'The signal' })).toContainText('found “GO”');
  await page.getByRole('button', { name: 'data.thing: MARL/USD' }).click();
  await page.getByRole('button', { name: 'Symbol', exact: true }).click();
  await page.getByRole('button', { name: 'px: 38.4' }).click();
  await page.getByRole('button', { name: "Chart's price" }).click();
  await page.locator('[data-field="do"]').getByRole('button', { name: 'more' }).click();
  await page.getByLabel('What to do: found word').fill('GO');
  await page.getByLabel('What to do: what it means').fill('enter long');
  await page.locator('[data-field="do"]').getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('region', { name: 'The signal' })).toContainText('enter long MARL/USD price 38.4');
  await expect(page.getByRole('region', { name: 'The signal' })).toContainText('A comma too many was dropped.');
  await page.getByRole('button', { name: 'Save, and read “Swing charts” by it' }).click();
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeVisible();

  await openInlet(page);
  await page.getByLabel('Addresses and networks').fill('charts.example');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('is no address or network');
  await page.getByLabel('Addresses and networks').fill('127.0.0.1, ::1');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('it holds for the next message')).toBeVisible();
  await page.getByLabel('Test message for Swing charts').fill(unknown);
  await page.getByRole('button', { name: 'Dry run' }).click();
  await expect(page.getByText('would go out now')).toBeVisible();

  await page.goto('/routes');
  await page.getByRole('link', { name: 'alert slips' }).click();
  await page.getByRole('button', { name: 'Make the slips' }).click();
  const slip = page.getByRole('article', { name: 'enter long MARL/USD' });
  await expect(slip).toContainText('waiting for its first message');
  const copies = slip.getByRole('button', { name: 'Copy', exact: true });
  await expect(copies).toHaveCount(3);
  await copies.nth(2).click();
  await expect(slip.getByRole('button', { name: '✓ Copied' })).toHaveCount(1);
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(address);
  await expect(slip.getByLabel('Expiry date of enter long MARL/USD')).not.toHaveValue('');
  await copies.nth(1).click();
  await expect(slip.getByRole('button', { name: '✓ Copied' })).toHaveCount(2);
  const message = (await page.evaluate(() => navigator.clipboard.readText())).replace('${close}', '38.4').replace('${time}', new Date().toISOString());

  expect(curl(address, message)).toContain('"stored":true');
  await expect(slip).toContainText('heard 1×');
  await expect(page.getByText('1 of 4')).toBeVisible();
  await page.reload();
  await expect(slip.getByRole('button', { name: '✓ Copied' })).toHaveCount(2);

  await page.goto('/journal');
  await page.getByRole('region', { name: 'Messages' }).getByRole('link').first().click();
  const trace = page.getByRole('region', { name: 'Trace' });
  await expect(trace).toContainText('alert slip enter long MARL/USD');
  await expect(trace).toContainText('filled');
  expect(errors).toEqual([]);
});

test('plain text is taught word by word, and a change that breaks a sample says so first', async ({ page, request }) => {
  await readyDesk(page, request);
  await openInlet(page);
  await page.getByRole('link', { name: 'Teach a new shape' }).click();
  await page.getByLabel('A message', { exact: true }).fill('Signal on MARL/USD at 38.46: long entry 2');
  for (const word of ['long', 'entry']) await page.getByRole('button', { name: word, exact: true }).click();
  await page.getByRole('button', { name: 'Add the rule' }).click();
  await page.getByRole('button', { name: 'MARL/USD', exact: true }).click();
  await page.getByRole('button', { name: 'Symbol', exact: true }).click();
  await page.getByRole('button', { name: '38.46:', exact: true }).click();
  await page.getByRole('button', { name: "Chart's price" }).click();
  const signal = page.getByRole('region', { name: 'The signal' });
  await expect(signal).toContainText('enter long MARL/USD price 38.46');
  await page.getByRole('button', { name: /^Save/ }).click();
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeVisible();

  await page.getByLabel('Meaning of rule 1').fill('enter short');
  await expect(signal).toContainText('enter short MARL/USD');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const broken = page.getByRole('alert', { name: 'Samples that break' });
  await expect(broken).toContainText('until now: enter long MARL/USD price 38.46');
  await broken.getByRole('button', { name: 'It is right so: save' }).click();
  await expect(page.getByText('Saved; its samples are kept as tests.')).toBeVisible();

  await page.getByLabel('Symbol: which pattern').fill('(');
  await expect(signal).toContainText('is no regular expression');
});

test('an unknown symbol is mapped from the journal, a secret is pointed out, and a profile goes out and in again', async ({ page, request }) => {
  const { address } = await readyDesk(page, request);
  await page.getByRole('button', { name: 'Arm' }).click();
  curl(address, 'apikey: hunter2hunter2\nenter long QS:MARLUSD');
  curl(address, 'enter long QS:MARLUSD');

  await page.goto('/journal');
  await page.getByText('enter long QS:MARLUSD').first().click();
  await page.getByRole('button', { name: 'Map it, dry run' }).click();
  await expect(page.getByRole('region', { name: 'What differs' })).toContainText('handed to 1');
  await expect(page.getByText('would be sent').first()).toBeVisible();

  await page.getByRole('link', { name: 'Notices, 1 not read' }).click();
  await page.getByRole('link', { name: 'Look' }).click();
  await expect(page.getByRole('region', { name: 'Trace' })).toContainText('It held what looks like a venue');
  await expect(page.getByRole('region', { name: 'Trace' })).not.toContainText('hunter2');

  await page.goto('/symbols');
  await expect(page.getByRole('cell', { name: 'QS:MARLUSD', exact: true })).toBeVisible();

  await page.goto('/profiles');
  await page.getByLabel('Placeholder of symbol').fill('ticker');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('could stand in any message');
  await page.getByLabel('Placeholder of symbol').fill('<<T>>');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Export' }).click()]);
  await page.getByLabel('Import a profile').setInputFiles(await file.path());
  await expect(page.getByRole('button', { name: 'Bench 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Bench 2' }).click();
  await expect(page.getByLabel('Placeholder of symbol')).toHaveValue('<<T>>');
});
