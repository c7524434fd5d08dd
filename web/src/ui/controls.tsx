import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { type ButtonHTMLAttributes, createContext, type ReactNode, useContext } from "react";

export const fieldClass =
  "min-w-0 rounded border border-rule bg-paper px-2 py-0.5 text-ink disabled:text-ink-3 aria-invalid:border-oxide";

export function Button(props: ButtonHTMLAttributes<HTMLButtonElement> & { readonly main?: boolean }) {
  const { main, className = "", ...rest } = props;
  const look = main
    ? "bg-oxide text-white font-semibold hover:bg-oxide-2 disabled:bg-lime-2 disabled:text-ink-3"
    : "border border-rule bg-paper hover:bg-lime-2 disabled:text-ink-3 disabled:hover:bg-paper";
  return <button type="button" className={`rounded px-3 py-1 ${look} ${className}`} {...rest} />;
}

const RowLabel = createContext<string | undefined>(undefined);

/** A labelled row of a panel or dialog. */
export function Row({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="flex items-center justify-between gap-3 py-1">
      <span className="shrink-0 text-ink-2">{label}</span>
      <RowLabel value={label}>{children}</RowLabel>
    </label>
  );
}

/** A label over a control that takes the whole width. */
export function Stacked({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className="block py-1">
      <span className="block text-ink-2">{label}</span>
      <RowLabel value={label}>{children}</RowLabel>
    </label>
  );
}

interface ChoiceProps<T extends string> {
  readonly value: T;
  readonly options: readonly (readonly [T, string])[];
  readonly onChange: (value: T) => void;
  /** One of the options may be chosen soon. */
  readonly onNear?: () => void;
  readonly label?: string;
  readonly className?: string;
}

export function Choice<T extends string>({
  value,
  options,
  onChange,
  onNear,
  label,
  className = "",
}: ChoiceProps<T>) {
  const rowLabel = useContext(RowLabel);
  return (
    <select
      aria-label={label ?? rowLabel}
      className={`${fieldClass} min-w-0 ${className.includes("max-w-") ? "" : "max-w-54"} ${className}`}
      value={value}
      onPointerEnter={onNear}
      onFocus={onNear}
      onChange={(e) => onChange(e.target.value as T)}
    >
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  );
}

interface SheetDialogProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly size?: string;
  readonly children: ReactNode;
}

export function Panel({ title, onClose, size = "w-110", children }: SheetDialogProps) {
  return (
    <Dialog open onClose={onClose} className="relative z-20 outline-none!">
      <div className="fixed inset-0 bg-ink/25" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center p-10">
        <DialogPanel
          className={`max-h-full ${size} overflow-auto rounded-md border border-rule bg-lime p-5 shadow-lg`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <DialogTitle className="font-semibold text-base">{title}</DialogTitle>
            <button
              type="button"
              aria-label="Close"
              title="Close (Esc)"
              className="-mt-1 -mr-1 size-7 shrink-0 rounded text-base text-ink-2 hover:bg-lime-2"
              onClick={onClose}
            >
              ×
            </button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

export function Fault({ children }: { readonly children: ReactNode }) {
  return (
    <p role="alert" className="my-2 rounded border border-oxide/40 bg-paper px-2 py-1 text-oxide">
      {children}
    </p>
  );
}
