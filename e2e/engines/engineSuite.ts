import { servedApp } from '../support/suite';
import { chromiumTab, firefoxTab } from './puppeteerTab';
import { ENGINES, type Engine, type MockCamera, type Tab } from './tab';
import { webkitTab } from './webkitTab';

/** A new browser of an engine, which remembers nothing, with one tab. */
export function openTab(engine: Engine, camera: MockCamera = 'allowed'): Promise<Tab> {
  if (engine === 'chromium') return chromiumTab(camera);
  return engine === 'firefox' ? firefoxTab(camera) : webkitTab();
}

/** Work in a browser of its own. */
export async function withTab(
  engine: Engine,
  camera: MockCamera,
  work: (tab: Tab) => Promise<void>,
): Promise<void> {
  const tab = await openTab(engine, camera);
  try {
    await work(tab);
  } finally {
    await tab.close();
  }
}

/** What WebDriver says when the engine itself has gone down, in words or by the error's name. */
const ENGINE_DOWN = /page crash or hang|invalid session id|NoSuchSession/;

interface Given {
  readonly engine: Engine;
  tab(): Tab;
  url(): string;
  /** As Jest's; where the engine itself goes down meanwhile, once more in a new one. */
  test(name: string, work: () => Promise<void>): void;
}

/** Tests that run in every engine. */
export const everyEngine = (tests: (given: Given) => void): void => inEngines(ENGINES, tests);

/** Tests that run in the others than Chromium: suites of its own drive the same there. */
export const otherEngines = (tests: (given: Given) => void): void =>
  inEngines(
    ENGINES.filter((engine) => engine !== 'chromium'),
    tests,
  );

/** Each engine with a browser of its own for all tests. */
function inEngines(engines: readonly Engine[], tests: (given: Given) => void): void {
  const app = servedApp();
  describe.each(engines)('in %s', (engine) => {
    let tab: Tab;
    /** A test has begun and not come to its good end: what the tab is like now is not known. */
    let spoilt = false;
    beforeAll(async () => {
      tab = await openTab(engine);
    });
    afterAll(() => tab?.close());
    const newTab = async (): Promise<void> => {
      await tab.close().catch(() => {});
      tab = await openTab(engine);
    };
    const again = (name: string, work: () => Promise<void>): void =>
      test(name, async () => {
        if (spoilt) await newTab();
        spoilt = true;
        try {
          await work();
        } catch (error) {
          // WebKitGTK 2.50 went down five times in two hours of work (an invalid instruction of its
          // own, in its compositor, a worker or the main thread). What fails for another reason has
          // failed.
          if (!ENGINE_DOWN.test(String(error))) throw error;
          console.error(`${engine} went down in "${name}": once more`);
          await newTab();
          await work();
        }
        spoilt = false;
      });
    tests({ engine, tab: () => tab, url: () => app.url, test: again });
  });
}
