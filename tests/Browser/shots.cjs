// One picture of each main view of the running demo: node shots.cjs ADDRESS MAIL PASSWORD FOLDER BENCH
const { chromium } = require('@playwright/test');

const [, , address, mail, password, folder, bench] = process.argv;
const SETTLE = 2500;

/** A pair of conditions with its preview. */
async function drawUp(page) {
  for (const study of ['bollinger', 'rsi']) await page.getByLabel('Add a study').selectOption(study);
  for (const [group, is] of [['Get in', 'crosses_up'], ['Get out', 'crosses_down']]) {
    await page.getByRole('group', { name: group }).getByRole('button', { name: '+ term' }).click();
    await page.getByLabel(`${group}, term 1, is`).selectOption(is);
  }
  await page.getByRole('button', { name: 'Preview the pair' }).click();
}

const views = [
  ['panel', '/', 'day'],
  ['panel-night', '/', 'night'],
  ['routes', '/routes', 'day'],
  ['route', '/routes/1', 'day', (page) => page.getByLabel('A message like this', { exact: true }).fill('flip short MARL/USD')],
  ['preflight', '/routes', 'day', (page) => page.getByRole('link', { name: 'Skarn and Tufa, first try' }).first().click()],
  ['guards', '/routes/3', 'day', (page) => page.locator('#guards').evaluate((guards) => guards.scrollIntoView({ block: 'center' }))],
  ['slips', '/routes/2/slips', 'day'],
  ['inlets', '/inlets', 'day', (page) => page.getByText('Send a test message').first().click()],
  ['inlet', '/inlets/1', 'day'],
  ['reading', '/readings/1', 'day'],
  ['profiles', '/profiles', 'day'],
  ['symbols', '/symbols', 'day'],
  ['journal', '/journal', 'day', (page) => page.getByRole('region', { name: 'Messages' }).getByRole('link').filter({ hasText: 'sent' }).first().click()],
  ['blotter', '/blotter', 'day'],
  ['position', '/blotter', 'day', (page) => page.getByRole('region', { name: 'Positions' }).getByRole('link', { name: /tufa|chert|marl/ }).first().click()],
  ['trades', '/trades', 'day'],
  ['accounts', '/accounts', 'day'],
  ['notices', '/notices', 'day'],
  ['bench', bench, 'day', drawUp],
];

(async () => {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: address })).newPage();
  await page.goto('/');
  await page.evaluate(() => localStorage.setItem('theme', 'day'));
  await page.reload();
  await page.getByLabel('Mail address').waitFor();
  await page.getByLabel('Mail address').fill(mail);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Panel' }).waitFor();
  for (const [name, path, theme, act] of views) {
    await page.evaluate((wanted) => localStorage.setItem('theme', wanted), theme);
    await page.goto(path);
    await page.waitForTimeout(SETTLE);
    if (act) {
      await act(page);
      await page.waitForTimeout(SETTLE);
    }
    await page.screenshot({ path: `${folder}/${name}.png` });
    console.log(`${folder}/${name}.png`);
  }
  await browser.close();
})();
