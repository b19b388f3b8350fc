import { Injectable } from '@nestjs/common';
import type { FastifyInstance } from 'fastify';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { routeOf } from '../http/route.js';

const SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.3, 1, 3, 10];

/** What is told by measuring: requests and waits as they come, the rest when it is asked for. */
@Injectable()
export class Measures {
  readonly registry = new Registry();
  private readonly requests = new Histogram({
    name: 'gleddo_request_seconds',
    help: 'How long requests took, by their route.',
    labelNames: ['method', 'route', 'status'],
    buckets: SECONDS,
    registers: [this.registry],
  });

  constructor() {
    collectDefaultMetrics({ register: this.registry, prefix: 'gleddo_' });
  }

  /** A figure that is looked up whenever somebody asks. */
  tell(name: string, help: string, look: () => number | Promise<number>): void {
    const gauge = new Gauge({
      ...{ name: `gleddo_${name}`, help, registers: [this.registry] },
      async collect() {
        gauge.set(await look());
      },
    });
  }

  watch(fastify: FastifyInstance): void {
    fastify.addHook('onResponse', async (request, reply) => {
      const route = routeOf(request) || 'none';
      if (route.endsWith('/events')) return;
      const labels = { method: request.method, route, status: String(reply.statusCode) };
      this.requests.observe(labels, reply.elapsedTime / 1000);
    });
  }
}
