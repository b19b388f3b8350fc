import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { claimsOf, LINE_ITEM, MEMBERS, SCORE } from './identity.js';
import { coursePage, formTo, refusedPage } from './pages.js';
import { need, Refusal } from './refusal.js';
import { serve } from './services.js';
import { Signing } from './signing.js';
import { PEOPLE, PLACES, World } from './world.js';

const CLIENT = 'gleddo-at-hillside';
const DEPLOYMENT = 'hillside-1';
const TOKEN_LASTS = 3_600;
const A_QUARTER = 900;
const LONGEST_BODY = 200_000;

/** How what it says of somebody is made wrong, to see that it is refused. */
export type Spoilt = 'forged' | 'stale' | 'for another' | 'of another deployment' | 'another nonce';

/** A school’s learning platform that stands in for real ones: as strict as a strict one. */
export class StandIn {
  readonly world = new World();
  /** How the next that it says is wrong; null: it is right. */
  spoilt: Spoilt | null = null;
  /** Whether its services answer. */
  isAway = false;
  readonly address: string;
  private readonly tool: string;

  private constructor(
    private readonly server: Server,
    private readonly signing: Signing,
    { tool, address }: Where,
  ) {
    this.tool = tool;
    this.address = address;
  }

  static async begin(tool: string, port = 0): Promise<StandIn> {
    const server = createServer();
    await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
    const { port: found } = server.address() as AddressInfo;
    const address = `http://localhost:${found}`;
    const standIn = new StandIn(server, await Signing.begin(), { tool, address });
    server.on('request', (asked, reply) => void standIn.answer(asked, reply));
    return standIn;
  }

  end(): Promise<void> {
    this.server.closeAllConnections();
    return new Promise((resolve) => this.server.close(() => resolve()));
  }

  /** What has to be copied to the tool. */
  get copied() {
    return copiedFrom(this.address);
  }

  private async answer(asked: IncomingMessage, reply: ServerResponse): Promise<void> {
    try {
      const url = new URL(asked.url ?? '/', this.address);
      const body = await bodyOf(asked);
      await this.route(url, { asked, body, reply });
    } catch (error) {
      const status = error instanceof Refusal ? error.status : 401;
      send(reply, { status, type: 'text/html', text: refusedPage((error as Error).message) });
    }
  }

  private async route(url: URL, { asked, body, reply }: Exchange): Promise<void> {
    const path = url.pathname;
    if (path === '/keys') return sendJson(reply, this.signing.keys());
    if (path === '/open') return lead(reply, this.toolSignIn(url.searchParams));
    if (path === '/auth') return this.authenticate(url.searchParams, reply);
    if (path === '/') return html(reply, coursePage(this.world, this.copied));
    need(!this.isAway, 'Away.', 503);
    if (path === '/token') return sendJson(reply, await this.token(new URLSearchParams(body)));
    need(path.startsWith('/services/'), 'There is nothing here.', 404);
    const scopes = await this.signing.scopesIn(asked.headers.authorization);
    const type = (asked.headers['content-type'] ?? '').split(';')[0] ?? '';
    const method = asked.method ?? 'GET';
    const served = serve(this.world, this.address, { method, url, type, body, scopes });
    sendJson(reply, served.body, served);
  }

  /** Where the tool begins: it is told who wants to come, and by which place. */
  private toolSignIn(params: URLSearchParams): string {
    const [who, place] = [params.get('who') ?? '', params.get('place') ?? ''];
    const asked = new URLSearchParams({
      ...{ iss: this.address, client_id: CLIENT, lti_deployment_id: DEPLOYMENT },
      ...{ login_hint: who, lti_message_hint: place, target_link_uri: this.tool },
    });
    return `${this.tool}/api/platform/sign-in?${asked}`;
  }

  /** Says who somebody is: to the tool’s own address, for what it asked. */
  private async authenticate(params: URLSearchParams, reply: ServerResponse): Promise<void> {
    const is = (name: string, value: string) =>
      need(params.get(name) === value, `“${name}” has to be “${value}”.`);
    is('client_id', CLIENT);
    is('redirect_uri', `${this.tool}/api/platform/launch`);
    is('scope', 'openid');
    is('response_type', 'id_token');
    is('response_mode', 'form_post');
    is('prompt', 'none');
    const [nonce, state] = [params.get('nonce'), params.get('state')];
    need(nonce && state, 'There is no nonce, or no state.');
    const person = PEOPLE.find(({ id }) => id === params.get('login_hint'));
    const place = PLACES.find(({ id }) => id === params.get('lti_message_hint'));
    need(person && place, 'Nobody of this name opened such a place.');
    const { spoilt } = this;
    const claims = claimsOf({
      ...{ person, place, item: this.world.ofPlace(place.id), here: this.address },
      ...{ target: this.tool, clientId: spoilt === 'for another' ? 'another-tool' : CLIENT },
      deployment: spoilt === 'of another deployment' ? 'hillside-2' : DEPLOYMENT,
      nonce: spoilt === 'another nonce' ? 'another' : nonce,
    });
    const how = { isForged: spoilt === 'forged', age: spoilt === 'stale' ? A_QUARTER : 0 };
    const id_token = await this.signing.identity(claims, how);
    html(reply, formTo(`${this.tool}/api/platform/launch`, { state, id_token }));
  }

  /** An access token for the tool itself, by an assertion that it signed. */
  private async token(params: URLSearchParams): Promise<object> {
    need(params.get('grant_type') === 'client_credentials', 'This grant is not given.');
    const type = 'urn:ietf:params:oauth:client-assertion-type:jwt-bearer';
    need(params.get('client_assertion_type') === type, 'This kind of assertion is not taken.');
    await this.signing.judgeAssertion(params.get('client_assertion') ?? '', {
      ...{ clientId: CLIENT, keysUrl: `${this.tool}/api/platform/keys` },
      audience: `${this.address}/token`,
    });
    const scopes = (params.get('scope') ?? '').split(' ');
    need(
      scopes.every((scope) => [SCORE, LINE_ITEM, MEMBERS].includes(scope)),
      'This is not for the tool to do.',
    );
    const access_token = await this.signing.access(CLIENT, scopes);
    return { access_token, token_type: 'Bearer', expires_in: TOKEN_LASTS, scope: scopes.join(' ') };
  }
}

/** What has to be copied to the tool from a platform that is there. */
export const copiedFrom = (address: string) => ({
  ...{ name: 'Hillside', issuer: address, clientId: CLIENT, deployment: DEPLOYMENT },
  ...{ signInUrl: `${address}/auth`, tokenUrl: `${address}/token` },
  keysUrl: `${address}/keys`,
});

/** Where the tool is, and where the platform is. */
interface Where {
  readonly tool: string;
  readonly address: string;
}

interface Exchange {
  readonly asked: IncomingMessage;
  readonly body: string;
  readonly reply: ServerResponse;
}

async function bodyOf(asked: IncomingMessage): Promise<string> {
  let text = '';
  for await (const part of asked) {
    text += String(part);
    need(text.length <= LONGEST_BODY, 'That is too much.', 413);
  }
  return text;
}

interface Sent {
  readonly status?: number;
  readonly type: string;
  readonly text: string;
  readonly headers?: Readonly<Record<string, string>>;
}

function send(reply: ServerResponse, { status = 200, type, text, headers = {} }: Sent): void {
  reply.writeHead(status, { 'content-type': `${type}; charset=utf-8`, ...headers });
  reply.end(text);
}

const html = (reply: ServerResponse, text: string): void =>
  send(reply, { type: 'text/html', text });

const sendJson = (reply: ServerResponse, body: object, more: Partial<Sent> = {}): void =>
  send(reply, { type: 'application/json', ...more, text: JSON.stringify(body) });

function lead(reply: ServerResponse, to: string): void {
  reply.writeHead(302, { location: to });
  reply.end();
}
