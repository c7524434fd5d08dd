interface Props {
  readonly label: string;
  readonly figures: readonly { readonly name: string; readonly value: string }[];
}

/** What something amounts to, figure by figure. */
export function Figures({ label, figures }: Props) {
  if (figures.length === 0) return null;
  return (
    <table className="w-full" aria-label={label}>
      <tbody>
        {figures.map((f) => (
          <tr key={f.name}>
            <td className="py-0.5">{f.name}</td>
            <td className="py-0.5 text-right font-drawing text-[15px]">{f.value}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
