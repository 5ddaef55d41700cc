// Which of Debian's builds of Chromium the tests use.
import { execSync } from 'node:child_process';

const first = (...names) => execSync(names.map((name) => `command -v ${name}`).join(' || '), { shell: '/bin/bash' }).toString().trim();

/** The one without a window: the same engine for half the work, so that the whole run takes a quarter less. */
export const LIGHT = first('chromium-headless-shell', 'chromium');

/** With all that surrounds a page: notes of a system are shown by this one alone. */
export const WHOLE = first('chromium');

export const ARGUMENTS = ['--no-sandbox', '--disable-background-networking'];
