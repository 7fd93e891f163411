import pino from 'pino';

/** Structured logs, one JSON object a line, on standard output. */
export const log = pino({ level: process.env.BAVRIN_LOG ?? 'info', base: { pid: process.pid } });
