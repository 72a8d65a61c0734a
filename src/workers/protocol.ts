import { type Bag, type Solution, type Stand } from '@/model';

/** What each kind of job takes and gives. */
export interface Jobs {
  solve: { readonly input: { readonly stand: Stand; readonly bag: Bag }; readonly output: Solution };
}

export type JobKind = keyof Jobs;

export interface JobRequest<K extends JobKind = JobKind> {
  readonly job: number;
  readonly kind: K;
  readonly input: Jobs[K]['input'];
}

export type JobAnswer<K extends JobKind = JobKind> =
  | { readonly job: number; readonly type: 'done'; readonly output: Jobs[K]['output'] }
  | { readonly job: number; readonly type: 'failed'; readonly code: 'crashed'; readonly message: string };
