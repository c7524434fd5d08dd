import type { ReactNode } from "react";

interface SectionProps {
  readonly title: string;
  readonly words: ReactNode;
  readonly children: ReactNode;
}

/** A part of a panel with its title and a line on what it is. */
export function Section({ title, words, children }: SectionProps) {
  return (
    <section>
      <h2 className="font-semibold text-[15px]">{title}</h2>
      <p className="mb-2 text-ink-2">{words}</p>
      {children}
    </section>
  );
}
