// A real local network: a computer and its phones, each in a network namespace of its own.
import { spawn } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import { keptPaths } from './conducting.mjs';
import { network } from './network.mjs';
import { Server, test } from './server.mjs';

test.use({ serviceWorkers: 'allow' });

const PORT = 5180;
const HOUSE = 5443;
const TRUST = 5081;

/** A server on the host's host, open to its house; asked from there. */
class HouseServer extends Server {
  constructor(host) {
    super(true);
    this.host = host;
    this.port = PORT;
    this.more = { Cistern__House: 'true', Cistern__HousePort: String(HOUSE), Cistern__TrustPort: String(TRUST) };
  }

  launch(args, options) { return this.host.spawn('dotnet', args, options); }

  async answers(path, method = 'GET') { return this.host.ask(this.url + path, '-X', method).status === 200; }
}

const pair = async (host, phone, secure, name, role = 'plan, brew and taste') => {
  await host.goto(`http://127.0.0.1:${PORT}/devices`);
  const before = host.getByRole('button', { name: 'Withdraw the code' });
  if (await before.isVisible()) await before.click();
  await host.getByLabel(role).check();
  await host.getByRole('button', { name: 'Show a code' }).click();
  const digits = await host.locator('#digits').innerText();
  await phone.goto(`${secure}/plan/fp-bloomed`);
  await expect(phone.locator('h1')).toHaveText('Connect this device');
  await expect(phone.locator('#code')).toBeFocused();
  await phone.keyboard.type(digits);
  await phone.keyboard.press('Tab');
  await phone.keyboard.type(name);
  await phone.keyboard.press('Enter');
  await expect(phone.locator('h1')).toHaveText('Bench');
};

test('on a local network: unknown devices, guessed codes, foreign host names, a brew through a cut connection, a removed device, a changed address', async () => {
  test.setTimeout(240_000);
  const { server: host, hosts: [first, second], close } = network(2);
  const server = new HouseServer(host);
  const browsers = [];
  try {
    await server.start();
    const secure = `https://10.77.1.1:${HOUSE}`;
    await test.step('a stranger reaches two ports, and on them one page each', () => {
      expect(first.ask(`http://10.77.1.1:${PORT}/`).exit).toBe('7');
      for (const path of ['/', '/log', '/plan/fp-bloomed', '/devices', '/api/under-way', '/api/keep', '/out/brews.json', '/healthz', '/js/frame.js', '/sw.js']) {
        for (const method of ['GET', 'POST', 'PUT', 'DELETE', 'OPTIONS']) {
          const { status, to } = first.ask(secure + path, '-X', method, '-H', 'X-Forwarded-For: 127.0.0.1', '-H', 'Accept: text/html', '-H', 'Cookie: barista=1');
          expect([method, path, status === 302 ? to : [401, 405].includes(status)]).toEqual([method, path, status === 302 ? `${secure}/devices/join` : true]);
        }
        expect([path, first.ask(`http://10.77.1.1:${TRUST}${path}`).status]).toEqual([path, path === '/' ? 200 : 404]);
      }
      // Nor under a name that is not this machine's.
      expect(first.ask(`${secure}/devices/join`, '-H', 'Host: elsewhere.example').status).toBe(400);
    });

    await test.step('the certificate holds against its authority, for this address', () => {
      const der = join(server.data, '..', 'authority.crt');
      first.run('curl', ['-s', '-o', der, `http://10.77.1.1:${TRUST}/authority.crt`]);
      const pem = `${der}.pem`;
      writeFileSync(pem, first.run('openssl', ['x509', '-inform', 'DER', '-in', der]));
      const verified = (address) => first.run('sh', ['-c', `openssl s_client -connect ${address}:${HOUSE} -CAfile ${pem} -verify_ip ${address} -verify_return_error </dev/null 2>&1 || true`]);
      expect(verified('10.77.1.1')).toContain('Verify return code: 0 (ok)');
      // Another address in the same network: the certificate follows while the server runs.
      host.run('ip', ['addr', 'add', '10.77.1.9/24', 'dev', 'wire1']);
      return expect.poll(() => verified('10.77.1.9'), { timeout: 20_000 }).toContain('Verify return code: 0 (ok)');
    });

    browsers.push(await host.browser(), await first.browser(), await second.browser());
    const [screen, one, two] = await Promise.all(browsers.map((browser) => browser.newPage({ viewport: { width: 390, height: 844 } })));

    await test.step('a script that guesses shuts itself out, and the host says so', async () => {
      await screen.goto(`http://127.0.0.1:${PORT}/devices`);
      const jar = join(server.data, '..', 'jar');
      const guess = (code) => {
        const token = /name="__RequestVerificationToken" type="hidden" value="([^"]+)"/.exec(first.run('curl', ['-s', '-k', '-c', jar, '-b', jar, `${secure}/devices/join`]))[1];
        return first.ask(`${secure}/devices/join`, '-c', jar, '-b', jar, '--data-urlencode', `__RequestVerificationToken=${token}`, '-d', `code=${code}`, '-d', 'name=Guesser').status;
      };
      expect([1, 2, 3, 4, 5, 6].map((n) => guess(`00000${n}`))).toEqual([422, 422, 422, 422, 429, 429]);
      await screen.goto(`http://127.0.0.1:${PORT}/`);
      await expect(screen.locator('main')).toContainText('Somebody at 10.77.1.2 tried five wrong codes');
      await server.advance(301);
    });

    await pair(screen, one, secure, 'First phone');
    await pair(screen, two, `https://10.77.2.1:${HOUSE}`, 'Second phone');

    await test.step('another site writes nothing', async () => {
      const [{ value }] = (await one.context().cookies()).filter(({ name }) => name === '__Host-cistern-device');
      const send = (...headers) => first.ask(`${secure}/api/forecast`, '-X', 'POST', '-H', 'Content-Type: application/json', '-d', '{}', '-H', `Cookie: __Host-cistern-device=${value}`, ...headers.flatMap((header) => ['-H', header])).status;
      expect([send(), send('Origin: https://elsewhere.example'), send('Sec-Fetch-Site: cross-site'), send(`Origin: ${secure}`)]).toEqual([422, 403, 403, 422]);
    });

    await test.step('one phone starts a brew, its wire is cut, the other goes on with it, and nothing is lost', async () => {
      await one.goto(`${secure}/plan/ld-closed`);
      await one.locator('#brew-this').click();
      await expect(one.locator('#brew')).toHaveAttribute('data-ready', '');
      await one.locator('#start').click();
      await expect(one.locator('#clock')).toBeVisible();
      await one.evaluate(() => navigator.serviceWorker.ready);
      // What the phone does is shown on this machine's screen, where the application can be installed.
      await screen.goto(`http://127.0.0.1:${PORT}/brew`);
      await expect(screen.locator('main')).toContainText('Closed all the way');
      const { installabilityErrors } = await (await screen.context().newCDPSession(screen)).send('Page.getInstallabilityErrors');
      // A window of a test cannot store anything, and this is the only thing it lacks.
      expect(installabilityErrors.map((error) => error.errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
      const path = new URL(one.url()).pathname;
      await two.goto(`https://10.77.2.1:${HOUSE}${path}`);
      await expect(two.locator('#clock')).toBeVisible();
      first.cut();
      await one.reload();
      await expect(one.locator('#link-state')).toContainText('No connection', { timeout: 30_000 });
      await expect(one.locator('#clock-time')).toHaveText(/\d:\d\d/);
      await one.locator('#done').click();
      await expect(one.locator('#link-state')).toContainText('1 press is stored here');
      const verb = await two.locator('#verb').textContent();
      await two.locator('#done').click();
      await expect(two.locator('#verb')).not.toHaveText(verb);
      first.mend();
      await expect(one.locator('#link-state')).not.toContainText('stored here', { timeout: 40_000 });
      await expect(two.locator('#link-state')).not.toContainText('No connection');
    });

    await test.step('a phone that is put out is out at once, its open stream and what it kept too', async () => {
      const [{ value }] = (await two.context().cookies()).filter(({ name }) => name === '__Host-cistern-device');
      const id = new URL(two.url()).pathname.split('/').at(-1);
      const stream = spawn('ip', ['netns', 'exec', second.name, 'curl', '-s', '-k', '-N', '-H', `Cookie: __Host-cistern-device=${value}`, `https://10.77.2.1:${HOUSE}/api/brews/${id}/live`], { stdio: 'ignore' });
      const ended = new Promise((done) => { stream.once('exit', (code) => done(code)); });
      await new Promise((wait) => { setTimeout(wait, 1_500); });
      expect(stream.exitCode).toBeNull();
      await expect.poll(async () => (await keptPaths(two)).some((path) => path.includes('/brew/'))).toBe(true);
      await screen.goto(`http://127.0.0.1:${PORT}/devices`);
      await screen.getByRole('button', { name: 'Remove Second phone' }).click();
      // Not after a timeout of the server: at once.
      expect(await Promise.race([ended, new Promise((late) => { setTimeout(() => late('still open'), 5_000); })])).not.toBe('still open');
      await expect.poll(async () => (await keptPaths(two)).filter((one) => !/^\/(css|js|lib|icon|manifest|offline)/.test(one)), { timeout: 30_000 }).toEqual([]);
      await two.goto(`https://10.77.2.1:${HOUSE}/log`);
      await expect(two.locator('h1')).toHaveText('Connect this device');
      await one.goto(`${secure}/log`);
      await expect(one.locator('h1')).toHaveText('Log');
    });

    await test.step('a phone that is let go of cannot store anything', async () => {
      await one.goto(`${secure}/you`);
      await one.getByRole('button', { name: 'Remove this device' }).click();
      await expect(one.locator('h1')).toHaveText('Connect this device');
      expect(await one.evaluate(async () => [await caches.keys(), localStorage.length])).toEqual([[], 0]);
    });
  } finally {
    for (const browser of browsers) await browser.close();
    await server.kill().catch(() => {});
    close();
  }
});
