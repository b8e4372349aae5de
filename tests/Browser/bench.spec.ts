import { expect, test, type Page } from '@playwright/test';
import { readyDesk } from './steps';

const url = process.env['WEXON_BENCH_URL'] ?? 'http://127.0.0.1:8650';

async function openBench(page: Page, candles: string) {
  const bench = await page.context().newPage();
  await bench.goto(url);
  await bench.getByLabel('Chart', { exact: true }).selectOption('quarrystone:marl_perp');
  await bench.getByLabel('Candles of', { exact: true }).selectOption(candles);
  await expect(bench.getByRole('img', { name: 'Candles of MARL/USD' })).toBeVisible();
  return bench;
}

test('a slip is set at the bench in one step, its alert fires, and Wexon trades without a reload', async ({ page, request }) => {
  const errors: string[] = [];
  page.context().on('weberror', (error) => errors.push(error.error().message));
  await readyDesk(page, request);
  await page.getByRole('button', { name: 'Arm' }).click();
  await page.goto('/routes');
  await page.getByRole('link', { name: 'alert slips' }).click();
  await page.getByRole('button', { name: 'Make the slips' }).click();
  const slip = page.getByRole('article', { name: 'enter long MARL/USD' });
  await slip.getByRole('button', { name: 'Copy the whole slip' }).click();
  await expect(slip.getByRole('button', { name: '✓ Copy the whole slip' })).toBeVisible();
  const whole = await page.evaluate(() => navigator.clipboard.readText());

  const bench = await openBench(page, '1s');
  const enter = bench.getByRole('group', { name: 'Get in' });
  await enter.getByRole('button', { name: '+ term' }).click();
  await enter.getByLabel('Get in, term 1, is').selectOption('is_above');
  await enter.getByLabel('Get in, term 1, right').selectOption('number');
  await enter.getByLabel('Get in, term 1, number').fill('0.01');
  await enter.getByLabel('Get in, term 1, number').press('Enter');
  await expect(bench.getByText('an alert at each close repeats itself')).toBeVisible();

  await bench.getByRole('tab', { name: 'Alerts' }).click();
  const paste = bench.getByLabel('A slip from Wexon, whole');
  await paste.fill('{"do": "enter"}');
  await bench.getByRole('button', { name: 'Take the slip' }).click();
  await expect(bench.getByRole('alert')).toContainText('This is not a whole slip');
  await paste.fill(whole);
  await bench.getByRole('button', { name: 'Take the slip' }).click();
  await expect(bench.getByLabel('To the web address')).toHaveValue(/\/in\//);
  await bench.getByLabel('When', { exact: true }).selectOption('only_once');
  await bench.getByRole('button', { name: 'Set the alert' }).click();

  // Wexon's slip was waiting; it is ticked off by itself.
  await expect(slip).toContainText('heard 1×');
  const alert = bench.getByRole('listitem').filter({ hasText: 'Marl swings: enter long MARL/USD' });
  await expect(alert.first()).toContainText('over');
  await expect(alert.first()).toContainText('delivered (2');
  const [, fired] = /at (\d+\.\d+)/.exec((await alert.first().textContent()) ?? '') ?? [];

  await page.getByRole('navigation').getByRole('link', { name: 'Journal' }).click();
  await page.getByRole('region', { name: 'Messages' }).getByRole('link').first().click();
  const trace = page.getByRole('region', { name: 'Trace' });
  await expect(trace).toContainText('alert slip enter long MARL/USD');
  await expect(trace).toContainText('filled');
  const fills = (await (
    await page.request.get('/api/v1/fills', { headers: { Referer: page.url(), Accept: 'application/json' } })
  ).json()) as {
    data: { price: string }[];
  };
  const filled = Number(fills.data[0]?.price);
  // A spread of two ticks, and one that the price may have gone meanwhile.
  expect(Math.abs(filled - Number(fired)), `the chart's mark at ${fired}, Wexon's fill at ${filled}`).toBeLessThanOrEqual(0.0301);
  await page.getByRole('navigation').getByRole('link', { name: 'Blotter' }).click();
  await expect(page.getByRole('link', { name: 'marl_perp' }).first()).toBeVisible();
  expect(errors).toEqual([]);
});

test('a pair of conditions is drawn up on a chart and previewed', async ({ page, request }) => {
  await readyDesk(page, request);
  const bench = await openBench(page, '5min');
  await bench.getByLabel('Add a study').selectOption('exponential_average');
  await expect(bench.getByRole('button', { name: 'Exponential average 20' })).toBeVisible();
  await bench.getByRole('button', { name: 'Draw a level' }).click();
  // A click on a chart that is not drawn yet means nothing.
  await expect(async () => {
    await bench.getByRole('img', { name: 'Candles of MARL/USD' }).click({ position: { x: 300, y: 150 } });
    await expect(bench.getByRole('button', { name: 'Rub out' })).toBeVisible({ timeout: 2_000 });
  }).toPass();

  // A slip's link, dropped on the page, is as good as its text.
  const text =
    'Name: Dragged\nSymbol: MARL/USD\nFire: Once, at the close of the bar.\nAddress: http://127.0.0.1/in/x\nMessage:\nenter long';
  await bench.evaluate(
    (link) => {
      const data = new DataTransfer();
      data.setData('text/uri-list', link);
      window.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
    },
    `http://bench.example/#slip=${encodeURIComponent(text)}`,
  );
  await expect(bench.getByLabel('Name', { exact: true })).toHaveValue('Dragged');
  await bench.getByRole('button', { name: 'Not now' }).click();
  await bench.getByRole('tab', { name: 'Conditions' }).click();

  const [enter, exit] = [bench.getByRole('group', { name: 'Get in' }), bench.getByRole('group', { name: 'Get out' })];
  await enter.getByRole('button', { name: '+ term' }).click();
  await expect(enter.getByLabel('Get in, term 1, right')).toContainText('level ');
  await exit.getByRole('button', { name: '+ term' }).click();
  await exit.getByLabel('Get out, term 1, is').selectOption('crosses_down');
  await expect(bench.getByRole('status').last()).toContainText('close crosses down Exponential average 20: holds on');
  await bench.getByRole('button', { name: 'Preview the pair' }).click();
  const preview = bench.getByRole('region', { name: 'Preview' });
  await expect(preview).toContainText(/Trades\s*\d+, \d+ won/);
  await preview.getByText('Each trade').click();
  await expect(preview.getByRole('row').nth(1)).toContainText('long 1');
  await bench.getByRole('button', { name: 'Rub out' }).click();
  await expect(bench.getByRole('button', { name: 'Rub out' })).toBeHidden();
});
