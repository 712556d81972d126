import { launch, openPage, serve, fieldReady, tap, EXPOSE, until, PHONE } from './browser';
import { framesStored } from './stored';
const LINKS: [string, number][] = [
  ['scene=pans-at-noon&mp=3', 1], ['scene=drying-shed&mp=3&support=tripod&series=bracket:5:2', 5],
  ['scene=packing-bench&mp=3&support=tripod', 1], ['scene=sluice-at-dusk&mp=3&time=1/8', 1], ['scene=harbour-light&mp=3', 1],
  ['scene=stars-over-the-pans&mp=3&support=tripod&time=2&iso=1600', 1], ['scene=pans-at-noon&mp=3&lens=tele&series=burst:4', 4], ['scene=test-wall&mp=3', 1],
];
async function main() {
  const app = { url: 'http://127.0.0.1:4199', stop() {} };
  const browser = await launch('none', '/tmp/seedprofile');
  let n = 0;
  for (const [link, k] of LINKS) {
    const { page } = await openPage(browser, `${app.url}/?${link}`, PHONE);
    await fieldReady(page);
    await tap(page, EXPOSE);
    n += k;
    await framesStored(page, n).catch((e) => console.log(link, String(e)));
    await page.close();
  }
  await browser.close(); app.stop();
}
main().then(() => process.exit(0), (e) => { console.error(e); process.exit(1); });
