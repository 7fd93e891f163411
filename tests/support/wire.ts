import { type AddressInfo, createServer, type Server, Socket } from 'node:net';

/** A wire between application and database that can be cut and mended. */
export class Wire {
  private server: Server | undefined;
  private readonly ends = new Set<Socket>();
  port = 0;

  constructor(private readonly target: { host: string; port: number }) {}

  /** A wire to the database of an address, and the address of its near end. */
  static async to(url: string): Promise<{ wire: Wire; url: string }> {
    const direct = new URL(url);
    const wire = new Wire({ host: direct.hostname, port: Number(direct.port) });
    await wire.mend();
    direct.port = String(wire.port);
    return { wire, url: direct.href };
  }

  async mend(): Promise<void> {
    this.server = createServer((near) => {
      const far = new Socket().connect(this.target.port, this.target.host);
      for (const end of [near, far]) {
        this.ends.add(end);
        end.on('error', () => end.destroy()).on('close', () => this.ends.delete(end));
      }
      near.pipe(far);
      far.pipe(near);
    });
    await new Promise<void>((resolve) => this.server!.listen(this.port, '127.0.0.1', resolve));
    this.port = (this.server.address() as AddressInfo).port;
  }

  async cut(): Promise<void> {
    for (const end of this.ends) end.destroy();
    await new Promise((resolve) => this.server?.close(resolve));
  }
}
