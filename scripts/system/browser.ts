import { existsSync } from 'node:fs';

/** Debian's headless Chromium: without the whole browser's own surface around each page, which cost half the time. */
const PACKAGE = 'chromium-headless-shell';
const PROGRAM = '/usr/bin/chromium-headless-shell';

/** The browser's program, and the package it comes in when it is not there yet. */
export const BROWSER = { program: PROGRAM, package: PACKAGE, isThere: () => existsSync(PROGRAM) } as const;
