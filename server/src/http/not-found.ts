/** As much of a reply as is needed here. */
export interface Reply {
  status(code: number): Reply;
  type(type: string): Reply;
  header(name: string, value: string): Reply;
  send(body: unknown): unknown;
}

export const NOTHING_HERE = 'There is nothing at this address. Go back and choose again.';

/** Answers that nothing is at an address, where no controller is asked. */
export const sendNotFound = (reply: Reply): unknown =>
  reply.status(404).header('cache-control', 'no-store').type('application/problem+json').send({
    type: 'about:blank',
    title: 'Not found',
    status: 404,
    detail: NOTHING_HERE,
    faults: [],
  });
