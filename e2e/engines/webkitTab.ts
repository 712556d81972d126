import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, Capabilities, Key, Origin, type WebDriver } from 'selenium-webdriver';
import { PHONE } from '../support/browser';
import { startScreen } from './screen';
import type { Place, Size, Tab } from './tab';

const LIBRARIES = '/usr/lib';
const SCRIPT_MS = 120_000;

/** Debian's small browser round WebKit; its folder is named after the machine's architecture. */
function miniBrowser(): string {
  const named = readdirSync(LIBRARIES).find((name) => name.endsWith('-linux-gnu')) ?? '';
  return join(LIBRARIES, named, 'webkit2gtk-4.1', 'MiniBrowser');
}

const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number };
      server.close(() => resolve(port));
    });
  });

async function connected(
  port: number,
  binary: string,
  flags: readonly string[],
): Promise<WebDriver> {
  const capabilities = new Capabilities({
    browserName: 'MiniBrowser',
    // As a person does who has compared its sum with the printed one.
    acceptInsecureCerts: true,
    'webkitgtk:browserOptions': {
      binary,
      args: [
        '--automation',
        '--enable-mock-capture-devices=true',
        '--enable-media-stream=true',
        ...flags,
      ],
    },
  });
  for (let tries = 0; ; tries++) {
    try {
      return await new Builder()
        .usingServer(`http://127.0.0.1:${port}`)
        .withCapabilities(capabilities)
        .build();
    } catch (error) {
      // The driver may not listen yet.
      if (tries === 20) throw error;
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
  }
}

/**
 * WebKit, by WebDriver. Its mock camera is always allowed.
 *
 * @param left whether a page that is left may be kept whole to come back to. By https ours are not
 *   (decision 052); by http, as tests are served, WebKit keeps them whatever a server says
 */
export async function webkitTab(left: 'may be kept' | 'not kept' = 'not kept'): Promise<Tab> {
  const home = mkdtempSync(join(tmpdir(), 'velmo-webkit-'));
  const downloads = join(home, 'saved');
  mkdirSync(downloads);
  mkdirSync(join(home, '.config'));
  writeFileSync(join(home, '.config/user-dirs.dirs'), 'XDG_DOWNLOAD_DIR="$HOME/saved"\n');
  const kept = left === 'not kept' ? ['--enable-page-cache=false'] : [];
  const screen = await startScreen();
  const port = await freePort();
  const driver = spawn('WebKitWebDriver', ['-p', String(port)], {
    env: {
      ...process.env,
      DISPLAY: screen.display,
      HOME: home,
      XDG_CONFIG_HOME: join(home, '.config'),
      WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1',
    },
    stdio: 'ignore',
  });
  const stop = (): void => {
    driver.kill();
    screen.stop();
  };
  try {
    const session = await connected(port, miniBrowser(), kept);
    await session.manage().setTimeouts({ script: SCRIPT_MS });
    const version = `webkit ${(await session.getCapabilities()).getBrowserVersion()}`;
    const tab = new WebKitTab(session, version, downloads, driver.pid!, stop);
    await tab.resize(PHONE);
    return tab;
  } catch (error) {
    stop();
    throw error;
  }
}

interface Outcome {
  readonly value?: unknown;
  readonly error?: string;
}

/** A place of the page the mouse is moved to, in so many milliseconds. */
const at = ({ x, y }: Place, duration: number) => ({
  x: Math.round(x),
  y: Math.round(y),
  duration,
  origin: Origin.VIEWPORT,
});

class WebKitTab implements Tab {
  readonly engine = 'webkit';
  /** WebDriver tells of no errors: pages that keep them say them themselves. */
  readonly errors: string[] = [];

  constructor(
    private readonly driver: WebDriver,
    readonly version: string,
    readonly downloads: string,
    readonly pid: number,
    private readonly stop: () => void,
  ) {}

  async goto(url: string): Promise<void> {
    await this.driver.get(url);
  }

  async evaluate(expression: string): Promise<unknown> {
    const outcome: Outcome = await this.driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1];
      (async () => (${expression}))().then(
        (value) => done({ value }),
        (error) => done({ error: String(error) }),
      );`);
    if (outcome.error !== undefined) throw new Error(outcome.error);
    return outcome.value;
  }

  async screenshot(): Promise<Buffer> {
    return Buffer.from(await this.driver.takeScreenshot(), 'base64');
  }

  async drag([first, ...rest]: readonly Place[]): Promise<void> {
    const actions = this.driver.actions({ async: true }).move(at(first, 0)).press();
    for (const place of rest) actions.move(at(place, 20));
    await actions.release().perform();
  }

  async doubleTap(place: Place): Promise<void> {
    const actions = this.driver.actions({ async: true }).move(at(place, 0));
    await actions.press().release().press().release().perform();
  }

  async pinch(): Promise<boolean> {
    return false;
  }

  async key(key: string): Promise<void> {
    const code = (Key as unknown as Record<string, string>)[NAMED[key] ?? ''] ?? key;
    await this.driver.actions().keyDown(code).keyUp(code).perform();
  }

  async resize({ width, height }: Size): Promise<void> {
    const window = this.driver.manage().window();
    // The window has a bar of its own: what it takes is added, once the page has settled.
    for (let tries = 0, bar = 38; tries < 3; tries++) {
      await window.setRect({ width, height: height + bar });
      const inner = await this.settledHeight(height);
      if (inner === height) return;
      bar += height - inner;
    }
    throw new Error(`the window does not become ${height} high`);
  }

  /**
   * Height of the page once it has this height and keeps it for some frames; after two seconds, the
   * height it has. The screen resizes the window after the driver has answered: what is read at
   * once may still be the size before.
   */
  private async settledHeight(wanted: number): Promise<number> {
    const height = await this.evaluate(`(async () => {
      const end = performance.now() + 2000;
      for (let still = 0; still < 5 && performance.now() < end; ) {
        await new Promise(requestAnimationFrame);
        still = innerHeight === ${wanted} ? still + 1 : 0;
      }
      return innerHeight;
    })()`);
    return Number(height);
  }

  /**
   * New tabs open behind this one, and there is no window manager to minimise it: the page is told
   * that it is hidden.
   */
  async behindAnother(work: () => Promise<void>): Promise<void> {
    const look = (hidden: boolean): Promise<unknown> =>
      this.evaluate(`(
        Object.defineProperty(document, 'hidden', { value: ${hidden}, configurable: true }),
        document.dispatchEvent(new Event('visibilitychange'))
      )`);
    await look(true);
    try {
      await work();
    } finally {
      await look(false);
    }
  }

  async close(): Promise<void> {
    await this.driver.quit().catch(() => {});
    this.stop();
  }
}

/** Keys by their names in the page, to their names in the driver. */
const NAMED: Readonly<Record<string, string>> = {
  ArrowLeft: 'ARROW_LEFT',
  ArrowRight: 'ARROW_RIGHT',
  ArrowUp: 'ARROW_UP',
  ArrowDown: 'ARROW_DOWN',
  Enter: 'ENTER',
  Escape: 'ESCAPE',
  Tab: 'TAB',
};
