import type { PGlite } from '@electric-sql/pglite';
import { Client } from 'pg';
import type { Logger } from 'pino';

/** Hears what the database tells under a name; `missed` when something may not have been heard. */
export type Listen = (
  name: string,
  hear: (described: string) => void,
  missed: () => void,
) => Promise<void>;

const TRY_AGAIN_AFTER = 1_000;
const CONNECT_WITHIN = 10_000;

export const listenEmbedded =
  (client: PGlite): Listen =>
  async (name, hear) => {
    await client.listen(name, hear);
  };

/** Hears a PostgreSQL over a connection of its own; one that is lost is made again. */
export class PostgresListening {
  private client: Client | null = null;
  private isClosed = false;

  constructor(
    private readonly url: string,
    private readonly log: Logger,
  ) {}

  listen: Listen = async (name, hear, missed) => {
    if (this.isClosed) return;
    const client = new Client({
      connectionString: this.url,
      keepAlive: true,
      connectionTimeoutMillis: CONNECT_WITHIN,
    });
    const again = () => {
      if (this.client !== client) return;
      this.client = null;
      setTimeout(() => void this.listen(name, hear, missed), TRY_AGAIN_AFTER).unref();
    };
    this.client = client;
    client.on('error', (error) =>
      this.log.warn({ err: error }, 'the listening connection was lost'),
    );
    client.on('end', again);
    client.on('notification', ({ payload }) => hear(payload ?? ''));
    try {
      await client.connect();
      await client.query(`listen ${client.escapeIdentifier(name)}`);
      missed();
    } catch (error) {
      this.log.warn({ err: error }, 'the database does not let us listen yet');
      again();
    }
  };

  async close(): Promise<void> {
    this.isClosed = true;
    const { client } = this;
    this.client = null;
    await client?.end().catch(() => undefined);
  }
}
