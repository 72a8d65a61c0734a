import { type Solution } from '@/model';
import { sampleBag } from '@/model';
import { testStand } from '@/testing/fixtures';
import { workerClient, type WorkerLike } from './client';
import { type JobRequest } from './protocol';

const input = { stand: testStand(), bag: sampleBag() };
const answer = (key: string): Solution => ({ key, result: { ok: false, reason: 'no-seam' } });

/** A worker whose every message the test answers, or does not. */
class FakeWorker implements WorkerLike {
  static made: FakeWorker[] = [];
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  readonly requests: JobRequest[] = [];
  ended = false;
  constructor() {
    FakeWorker.made.push(this);
  }
  postMessage(message: JobRequest) {
    this.requests.push(message);
  }
  terminate() {
    this.ended = true;
  }
  done(job: number, key = `job ${job}`) {
    this.onmessage?.({ data: { job, type: 'done', output: answer(key) } } as MessageEvent);
  }
  fail(job: number) {
    this.onmessage?.({ data: { job, type: 'failed', code: 'crashed', message: 'it broke' } } as MessageEvent);
  }
  die() {
    this.onerror?.({ message: 'out of memory' } as ErrorEvent);
  }
}

const worker = (i = 0) => FakeWorker.made[i] as FakeWorker;

beforeEach(() => {
  FakeWorker.made = [];
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

describe('the client of a worker', () => {
  it('makes the worker on first use and gives its answer', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    expect(FakeWorker.made).toHaveLength(0);
    const result = client.request(input);
    expect(worker().requests).toMatchObject([{ job: 1, type: 'start', kind: 'solve', input }]);
    worker().done(1);
    expect(await result).toEqual({ type: 'done', output: answer('job 1') });
  });

  it('lets a newer request replace those before it, and drops the late answer', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    const [first, second, third] = [client.request(input), client.request(input), client.request(input)];
    expect(await first).toEqual({ type: 'replaced' });
    expect(await second).toEqual({ type: 'replaced' });
    const sent = () => worker().requests.map((r) => `${r.type} ${r.job}`);
    expect(sent()).toEqual(['start 1', 'cancel 1']);
    worker().done(1, 'late');
    expect(sent()).toEqual(['start 1', 'cancel 1', 'start 3']);
    worker().done(3);
    expect(await third).toEqual({ type: 'done', output: answer('job 3') });
  });

  it('ends a replaced job that does not finish, and goes on with the next in a new worker', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    void client.request(input);
    void client.request(input);
    jest.advanceTimersByTime(1_500);
    // a further request does not prolong its time
    const next = client.request(input);
    jest.advanceTimersByTime(500);
    expect(worker(0).ended).toBe(true);
    worker(1).done(3);
    expect(await next).toMatchObject({ type: 'done' });
  });

  it('goes on with the next in the same worker when the replaced job heeds', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    void client.request(input);
    const next = client.request(input);
    worker().onmessage?.({
      data: { job: 1, type: 'failed', code: 'cancelled', message: 'told to stop' },
    } as MessageEvent);
    jest.advanceTimersByTime(10_000);
    expect(worker().ended).toBe(false);
    worker().done(2);
    expect(await next).toMatchObject({ type: 'done' });
  });

  it('hands on progress while a job runs, and none of a job that was given up', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    const parts: number[] = [];
    const result = client.request(input, (part) => parts.push(part));
    const progress = (part: number) =>
      worker().onmessage?.({ data: { job: 1, type: 'progress', part } } as MessageEvent);
    progress(0.25);
    client.cancel();
    progress(0.5);
    expect(await result).toEqual({ type: 'replaced' });
    expect(parts).toEqual([0.25]);
  });

  it('reports a worker that dies and starts a new one for the next request', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    const first = client.request(input);
    worker(0).die();
    expect(await first).toEqual({ type: 'failed', code: 'crashed', message: 'out of memory' });
    const second = client.request(input);
    worker(1).done(2);
    expect(await second).toMatchObject({ type: 'done' });
  });

  it('reports a worker that hangs, never waiting for ever', async () => {
    const client = workerClient('solve', () => new FakeWorker(), 5_000);
    const result = client.request(input);
    jest.advanceTimersByTime(5_000);
    expect(await result).toMatchObject({ type: 'failed', code: 'timed-out' });
    expect(worker(0).ended).toBe(true);
  });

  it('hands on a failure and settles everything when disposed of', async () => {
    const client = workerClient('solve', () => new FakeWorker());
    const failing = client.request(input);
    worker().fail(1);
    expect(await failing).toEqual({ type: 'failed', code: 'crashed', message: 'it broke' });
    const [running, waiting] = [client.request(input), client.request(input)];
    client.dispose();
    expect([await running, await waiting]).toEqual([{ type: 'replaced' }, { type: 'replaced' }]);
    expect(worker().ended).toBe(true);
  });
});
