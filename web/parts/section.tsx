import type { ReactNode } from 'react';

/** A part of a stop under its own heading, set off by a hair line. */
export function Section({ title, children }: { title: string; children: ReactNode }) {
  return <section aria-label={title} className="section"><h3 className="group-name">{title}</h3>{children}</section>;
}
