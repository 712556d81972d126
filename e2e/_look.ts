import { launch, openPage, PHONE, WIDE, until, pageText, pause } from './browser';
async function main() {
  const url = 'http://127.0.0.1:4199';
  const browser = await launch('none', '/tmp/seedprofile');
  for (const [name, vp] of [['phone', PHONE], ['wide', WIDE]] as const) {
    const { page } = await openPage(browser, `${url}/frames`, vp);
    page.on('pageerror', (e) => console.log('ERR', String(e)));
    page.on('console', (m) => console.log('LOG', m.text()));
    await until(() => pageText(page), /frames/);
    await pause(1500);
    console.log((await pageText(page)).slice(0, 400));
    await page.screenshot({ path: `/tmp/roll-${name}.png` });
    const { } = {};
    await page.keyboard.press('Tab');
    const rolls = await page.$('[aria-label^="Roll:"]'); await rolls?.click(); await pause(700);
    await page.screenshot({ path: `/tmp/rolls-${name}.png` });
    await rolls?.click();
    const which = await page.$('[aria-label^="Which:"]'); await which?.click(); await pause(700);
    await page.screenshot({ path: `/tmp/which-${name}.png` });
    await which?.click();
    await page.close();
  }
  await browser.close();
}
main().then(() => process.exit(0), (e) => { console.error(e); process.exit(1); });
