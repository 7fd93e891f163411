import { BAUD_RATE, type Link } from './link';

/** The part of Web Serial that is used; browsers that lack it simply do not offer it. */
type SerialPort = {
  open: (options: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
  writable: WritableStream<Uint8Array> | null;
};
type Serial = { requestPort: () => Promise<SerialPort> };

/** The browser's own serial ports, where it has them. */
export function webSerial(): Serial | undefined {
  return (navigator as Navigator & { serial?: Serial }).serial;
}

/** A line over a real serial port, chosen by the person. */
export async function serialLink(serial: Serial): Promise<Link> {
  const port = await serial.requestPort();
  await port.open({ baudRate: BAUD_RATE });
  let listener: (chunk: string) => void = () => {};
  let gone: (why: string) => void = () => {};
  let open = true;
  const reader = port.readable!.getReader();
  const writer = port.writable!.getWriter();
  const decoder = new TextDecoder();
  void (async () => {
    try {
      for (;;) {
        const { done, value } = await reader.read();
        if (done) break;
        listener(decoder.decode(value, { stream: true }));
      }
      if (open) gone('closed');
    } catch {
      if (open) gone('unplugged');
    }
    open = false;
  })();
  return {
    write: (text) => writer.write(new TextEncoder().encode(text)),
    onChunk(next) {
      listener = next;
    },
    onGone(next) {
      gone = next;
    },
    close() {
      open = false;
      void reader
        .cancel()
        .then(() => writer.close())
        .then(() => port.close())
        .catch(() => {});
    },
  };
}
