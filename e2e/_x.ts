import { EXPOSE, fieldReady, launch, openPage, refined, serve, tap, LAST_FRAME, press } from './browser';
async function main() {
  const app = await serve();
  const browser = await launch();
  const [w, h] = process.argv[3] === 'wide' ? [1280, 800] : [390, 844];
  const { page } = await openPage(browser, app.url + '/' + process.argv[2]);
  await page.setViewport({ width: w, height: h });
  await fieldReady(page); await refined(page);
  if (process.argv[5]) await press(page, process.argv[5]).catch(async () => { await tap(page, process.argv[5]); });
  await new Promise((r) => setTimeout(r, 700));
  await page.screenshot({ path: process.argv[4] });
  await browser.close(); app.stop(); process.exit(0);
}
void main();
