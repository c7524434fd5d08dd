import { useBoard } from "../state/context";

/** What can be said of what a note points at: each puts its field into the words. */
export function FactsToSay({ onSay }: { readonly onSay: (field: string) => void }) {
  const facts = useBoard((s) => s.facts);
  if (facts.length === 0) return null;
  return (
    <>
      <p className="pt-1 text-ink-2">It can say, and keep true:</p>
      <ul className="flex flex-col">
        {facts.map(({ field, value }) => (
          <li key={field}>
            <button
              type="button"
              title={`Put {${field}} into the words`}
              className="flex w-full items-baseline gap-2 rounded px-1 py-0.5 text-left hover:bg-lime-2"
              onMouseDown={(e) => e.preventDefault()}
              onClick={() => onSay(`{${field}}`)}
            >
              <span className="shrink-0 text-ink-2">{field}</span>
              <span className="line-clamp-2 min-w-0 grow text-right">{value.replaceAll("\n", ", ")}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
