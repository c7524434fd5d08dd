interface Props<T extends string> {
  readonly words: string;
  readonly options: readonly (readonly [T, string])[];
  readonly chosen: readonly T[];
  readonly onChange: (chosen: T[]) => void;
}

/** Any of a few, kept in the order they are listed; what is chosen and not offered stays chosen. */
export function Checks<T extends string>({ words, options, chosen, onChange }: Props<T>) {
  const toggle = (one: T) => {
    const others = chosen.filter((c) => !options.some(([o]) => o === c));
    onChange([...options.map(([o]) => o).filter((o) => (o === one) !== chosen.includes(o)), ...others]);
  };
  return (
    <fieldset className="flex min-w-0 flex-wrap items-center gap-x-2.5 py-1">
      <legend className="float-left mr-1 text-ink-2">{words}</legend>
      {options.map(([one, name]) => (
        <label key={one} className="flex items-center gap-1.5">
          <input type="checkbox" checked={chosen.includes(one)} onChange={() => toggle(one)} />
          {name}
        </label>
      ))}
    </fieldset>
  );
}
