import { type ReactNode } from 'react';
import { Saved } from './saved';

/** The head of a page on which something is changed: what it is, whether it is saved, and what can be done with all of it. */
export function PageHead({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <header className="mb-4 flex flex-wrap items-center gap-x-1 gap-y-2">
      <h1 className="mr-auto text-2xl font-semibold">{title}</h1>
      <Saved />
      {children}
    </header>
  );
}
