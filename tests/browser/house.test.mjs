// The address for the local network: encrypted, for connected devices. One browser is this machine's own, the other a phone.
import { request } from 'node:https';
import { networkInterfaces } from 'node:os';
import { expect } from '@playwright/test';
import { Server, freePort, test } from './server.mjs';

const address = Object.values(networkInterfaces()).flat().find((one) => one.family === 'IPv4' && !one.internal)?.address ?? '127.0.0.1';

/** What is answered to somebody who trusts one authority and no other. */
const ask = (url, ca) => new Promise((done, failed) => {
  request(url, { ca, headers: { accept: 'text/html' } }, (answer) => {
    answer.resume();
    done({ status: answer.statusCode, to: answer.headers.location });
  }).on('error', failed).end();
});

test('a phone is connected, brews, and is removed with one touch', async ({ browser }) => {
  const server = new Server(true);
  const [house, trust] = [await freePort(), await freePort()];
  server.more = { Cistern__House: 'true', Cistern__HousePort: String(house), Cistern__TrustPort: String(trust) };
  await server.start();
  const secure = `https://${address}:${house}`;
  try {
    // A phone that took the authority's certificate from the plain page trusts the server, and one without it does not.
    const der = Buffer.from(await (await fetch(`http://${address}:${trust}/authority.crt`)).arrayBuffer());
    const ca = `-----BEGIN CERTIFICATE-----\n${der.toString('base64')}\n-----END CERTIFICATE-----\n`;
    expect(await ask(`${secure}/log`, ca)).toEqual({ status: 302, to: '/pair' });
    await expect(ask(`${secure}/log`)).rejects.toThrow(/certificate/);
    expect((await fetch(`http://${address}:${trust}/log`)).status).toBe(404);
    // This machine's own browser is only answered on this machine.
    if (address !== '127.0.0.1') await expect(fetch(`http://${address}:${server.port}/`)).rejects.toThrow();

    const bench = await (await browser.newContext()).newPage();
    await bench.goto(`${server.url}/devices`);
    const { installabilityErrors } = await (await bench.context().newCDPSession(bench)).send('Page.getInstallabilityErrors');
    // A window of a test cannot store anything, and this is the only thing it lacks.
    expect(installabilityErrors.map((one) => one.errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
    await bench.getByRole('button', { name: 'Withdraw the code' }).click();
    await bench.getByRole('button', { name: 'Show a code' }).click();
    const digits = await bench.locator('#digits').innerText();

    const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, ignoreHTTPSErrors: true })).newPage();
    await phone.goto(`${secure}/plan/fp-bloomed`);
    await expect(phone.locator('h1')).toHaveText('Connect this device');
    await expect(phone.locator('#code')).toBeFocused();
    await phone.keyboard.type(digits);
    await phone.keyboard.press('Tab');
    await phone.keyboard.type('Kitchen phone');
    await phone.keyboard.press('Enter');
    await expect(phone.locator('h1')).toHaveText('Bench');
    await phone.goto(`${secure}/plan/fp-bloomed`);
    await phone.locator('#brew-this').click();
    await expect(phone.locator('#verb')).toHaveText('Warm the brewer');

    // What the phone does is shown on this machine's screen.
    await bench.goto(`${server.url}/brew`);
    await expect(bench.locator('main')).toContainText('Bloomed and broken');
    await bench.goto(`${server.url}/devices`);
    await bench.getByRole('button', { name: 'Remove Kitchen phone' }).click();
    await expect(bench.locator('#paired .is-out')).toContainText('Kitchen phone');
    await phone.goto(`${secure}/`);
    await expect(phone.locator('h1')).toHaveText('Connect this device');
    await phone.context().close();
    await bench.context().close();
  } finally {
    await server.kill();
  }
});
