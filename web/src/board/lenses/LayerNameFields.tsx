import { useState } from "react";
import type { LayerField } from "../../api/types";
import { useLayerFields } from "../../api/useLayerFields";
import { Button, Choice, fieldClass, Row } from "../../ui/controls";
import { bare, inWords, nameOf, tellsOf } from "./layerFields";

interface Props {
  readonly name: string;
  readonly onName: (name: string) => void;
}

/** Tells what a layer's name says by the fields of ISO 13567, and makes one up of them. */
export function LayerNameFields({ name, onName }: Props) {
  const fields = useLayerFields();
  const [open, setOpen] = useState(false);
  const told = tellsOf(name, fields);
  return (
    <div className="py-1">
      <p className="flex items-center gap-2 text-ink-2">
        {told ? `By the fields of ISO 13567: ${inWords(told)}.` : "A free name."}
        <Button onClick={() => setOpen(!open)}>{open ? "Close" : "Name it by fields"}</Button>
      </p>
      {open && <Making key={name} name={name} fields={fields} onName={onName} />}
    </div>
  );
}

function Making({ name, fields, onName }: Props & { readonly fields: readonly LayerField[] }) {
  const told = tellsOf(name, fields);
  const [codes, setCodes] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(
      told
        ? told.map((t) => [t.field.name, t.field.codes.length > 0 ? t.code : bare(t)])
        : fields.filter((f) => f.needed).map((f) => [f.name, f.codes[0]?.code ?? ""]),
    ),
  );
  const [own, setOwn] = useState(told ? name.split(" ").slice(1).join(" ") : name);
  const made = nameOf(codes, fields, own);
  const put = (field: string, code: string) => setCodes({ ...codes, [field]: code });
  return (
    <>
      <div className="grid grid-cols-3 gap-x-8">
        {fields.map((f) => (
          <Row key={f.name} label={f.name}>
            {f.codes.length > 0 ? (
              <Choice
                label={f.name}
                value={codes[f.name] ?? ""}
                options={[
                  ...(f.needed ? [] : [["", "not said"] as const]),
                  ...f.codes.map((c) => [c.code, c.words] as const),
                ]}
                onChange={(code) => put(f.name, code)}
              />
            ) : (
              <input
                className={`${fieldClass} w-24`}
                maxLength={f.length}
                value={codes[f.name] ?? ""}
                onChange={(e) => put(f.name, e.target.value)}
              />
            )}
          </Row>
        ))}
        <Row label="Words of your own">
          <input className={`${fieldClass} w-40`} value={own} onChange={(e) => setOwn(e.target.value)} />
        </Row>
      </div>
      <p className="mt-1 flex items-center gap-2">
        {made === null ? (
          "A field takes letters and figures."
        ) : (
          <>
            <span className="font-semibold">{made}</span>
            <Button onClick={() => onName(made)} disabled={made === name}>
              Take this name
            </Button>
          </>
        )}
      </p>
    </>
  );
}
