import { NumberField } from "./NumberField";

interface Props {
  readonly label: string;
  readonly mm: number;
  readonly onChange: (mm: number) => void;
}

/** Millimetres on paper, whole. */
export function OnPaper({ label, mm, onChange }: Props) {
  return (
    <NumberField
      label={`${label}, mm on paper`}
      value={mm}
      onChange={(value) => value !== null && onChange(value)}
    />
  );
}
