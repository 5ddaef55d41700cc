// Hosts in network namespaces of the tests: a server, and phones connected to it by a link that can be cut.
import { execFileSync, spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ARGUMENTS, LIGHT } from './browser.mjs';

const ip = (...args) => execFileSync('ip', args, { stdio: 'pipe' }).toString();
const quietly = (...args) => {
  try {
    ip(...args);
  } catch {
    // It did not exist.
  }
};

/** One machine on the network. */
export class Host {
  constructor(name, address) {
    this.name = name;
    this.address = address;
  }

  /** Runs a program on it, and gives what it printed. */
  run(command, args, input = '') {
    return execFileSync('ip', ['netns', 'exec', this.name, command, ...args], { input, stdio: 'pipe', maxBuffer: 1e8 }).toString();
  }

  /** What `curl` gets from it: status, and where it is led. */
  ask(url, ...args) {
    const [status, to, exit] = this.run('sh', ['-c', 'curl -s -k -m 10 -o /dev/null -w "%{http_code} %{redirect_url}" "$@"; echo " $?"', 'curl', url, ...args]).trim().split(' ');
    return { status: Number(status), to, exit };
  }

  cut() { ip('netns', 'exec', this.name, 'ip', 'link', 'set', 'wire', 'down'); }

  mend() { ip('netns', 'exec', this.name, 'ip', 'link', 'set', 'wire', 'up'); }

  /** A browser on it. It takes the server's certificate for good, as a phone does that trusts its authority. */
  async browser() {
    const wrapper = join(mkdtempSync(join(tmpdir(), 'cistern-host-')), 'chromium');
    writeFileSync(wrapper, `#!/bin/sh\nexec ip netns exec ${this.name} ${LIGHT} "$@"\n`);
    chmodSync(wrapper, 0o755);
    return chromium.launch({ executablePath: wrapper, args: [...ARGUMENTS, '--ignore-certificate-errors'] });
  }

  /** Starts a program on it that goes on. */
  spawn(command, args, options) {
    return spawn('ip', ['netns', 'exec', this.name, command, ...args], options);
  }
}

/** The server's host and so many others, each on a wire of its own to it. */
export const network = (others) => {
  const mark = `cst${process.pid}`;
  const server = new Host(`${mark}b`, '10.77.1.1');
  const hosts = Array.from({ length: others }, (_, i) => new Host(`${mark}h${i + 1}`, `10.77.${i + 1}.2`));
  const close = () => { for (const host of [server, ...hosts]) quietly('netns', 'del', host.name); };
  ip('netns', 'add', server.name);
  ip('netns', 'exec', server.name, 'ip', 'link', 'set', 'lo', 'up');
  hosts.forEach((host, i) => {
    ip('netns', 'add', host.name);
    ip('netns', 'exec', host.name, 'ip', 'link', 'set', 'lo', 'up');
    ip('link', 'add', `wire${i + 1}`, 'netns', server.name, 'type', 'veth', 'peer', 'name', 'wire', 'netns', host.name);
    ip('netns', 'exec', server.name, 'ip', 'addr', 'add', `10.77.${i + 1}.1/24`, 'dev', `wire${i + 1}`);
    ip('netns', 'exec', server.name, 'ip', 'link', 'set', `wire${i + 1}`, 'up');
    ip('netns', 'exec', host.name, 'ip', 'addr', 'add', `${host.address}/24`, 'dev', 'wire');
    host.mend();
  });
  return { server, hosts, close };
};
