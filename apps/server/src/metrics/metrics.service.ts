/** Figures of this process, for a monitor that asks for them in the Prometheus text format. */
import { Injectable } from '@nestjs/common';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';

/** Bounds of the times that are counted, in seconds. */
const SECONDS = [0.001, 0.0025, 0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10];

@Injectable()
export class MetricsService {
  private readonly registry = new Registry();
  private readonly requests: Histogram;

  constructor() {
    collectDefaultMetrics({ register: this.registry });
    this.requests = new Histogram({
      name: 'gobrel_request_seconds',
      help: 'How long requests took, by route and status.',
      labelNames: ['method', 'route', 'status'],
      buckets: SECONDS,
      registers: [this.registry],
    });
  }

  /** A request was answered: `route` is its pattern, so that no id or code is in it. */
  answered(method: string, route: string, status: number, seconds: number): void {
    this.requests.observe({ method, route, status }, seconds);
  }

  /** A figure that is read when somebody asks. */
  gauge(name: string, help: string, read: () => number): void {
    new Gauge({
      name,
      help,
      registers: [this.registry],
      collect() {
        this.set(read());
      },
    });
  }

  /** Something that is counted: gives the function that counts one more, or so many. */
  counter(name: string, help: string): (more?: number) => void {
    const counter = new Counter({ name, help, registers: [this.registry] });
    return (more = 1) => counter.inc(more);
  }

  /** Times: gives the function that takes one, in seconds. */
  times(name: string, help: string): (seconds: number) => void {
    const histogram = new Histogram({ name, help, buckets: SECONDS, registers: [this.registry] });
    return (seconds) => histogram.observe(seconds);
  }

  /** Everything, as text, and its media type. */
  async text(): Promise<{ readonly type: string; readonly text: string }> {
    return { type: this.registry.contentType, text: await this.registry.metrics() };
  }
}
