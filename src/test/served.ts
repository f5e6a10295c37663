import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';

/** An app listening on a free port of this machine, to be asked as from outside. */
export function served(app: Express) {
  const server = app.listen(0, '127.0.0.1');
  const listening = once(server, 'listening');
  return {
    async get(address: string, headers: Record<string, string> = {}): Promise<Response> {
      await listening;
      const { port } = server.address() as AddressInfo;
      return fetch(`http://127.0.0.1:${port}${address}`, { headers });
    },
    close: () => server.close(),
  };
}
