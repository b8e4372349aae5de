import { expect, test, type Locator } from '@playwright/test';
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

  // Near enough to be drawn; then dragged on the chart, which proposes, and does nothing by itself.
  const drawn = ((Number(first) / 0.8) * 0.99).toFixed(2);
  await stop.fill(drawn);
  await page.getByRole('button', { name: 'Move it there' }).click();
  await expect(page.getByRole('button', { name: 'Leave it' })).toHaveCount(0);
  const chart = page.getByRole('img', { name: /Price of marl_perp/ });
  const grip = await gripOf(chart);
  await page.mouse.move(grip.x, grip.y);
  await page.mouse.down();
  await page.mouse.move(grip.x, grip.y + 20, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Leave it' })).toBeVisible();
  const dragged = await stop.inputValue();
  expect(Number(dragged)).toBeLessThan(Number(drawn));
  await page.getByRole('button', { name: 'Move it there' }).click();
  await expect(page.getByRole('button', { name: 'Leave it' })).toHaveCount(0);
  await expect(stop).toHaveValue(dragged);

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

/** Where the handle of the stop is: the only thing on the chart's left edge that is one colour for sixteen rows. */
async function gripOf(chart: Locator) {
  let found = -1;
  await expect
    .poll(async () => {
      found = await chart.evaluate((box) => {
        const canvas = box.querySelector('canvas');
        const pen = canvas?.getContext('2d');
        if (!canvas || !pen) return -1;
        const ratio = canvas.width / canvas.clientWidth;
        const rows = pen.getImageData(Math.round(70 * ratio), 0, 1, canvas.height).data;
        const colour = (y: number) => (rows[4 * y + 3] === 255 ? `${rows[4 * y]},${rows[4 * y + 1]},${rows[4 * y + 2]}` : '');
        for (let y = 0, begun = 0; y < canvas.height; y++) {
          if (colour(y) === '' || colour(y) !== colour(begun)) begun = y;
          else if (y - begun >= 15 * ratio) return (y - 6 * ratio) / ratio;
        }
        return -1;
      });
      return found;
    })
    .toBeGreaterThan(0);
  const box = await chart.boundingBox();
  return { x: (box?.x ?? 0) + 97, y: (box?.y ?? 0) + found };
}
