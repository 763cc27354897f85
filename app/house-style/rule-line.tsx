import { Switch } from "radix-ui";
import { type ReactNode, useState } from "react";
import type { Rule } from "#core/rules/rule";
import type { RuleStyle } from "#core/settings/house-style";
import type { Setting, Weight } from "#core/settings/setting";
import { WEIGHTS } from "#core/settings/setting";
import { Action, NumberField } from "../ui/controls";
import { Mark } from "../ui/mark";
import type { RuleCount } from "./changes";

/** A rule as a house style states it: its sentence with the numbers editable inside. */
export function RuleLine({
  rule,
  style,
  overridden,
  count,
  onChange,
  onReset,
}: {
  rule: Rule;
  /** As it holds. */
  style: RuleStyle;
  /** Whether this house style states it, and the catalogue's is replaced. */
  overridden: boolean;
  count: RuleCount;
  onChange: (style: RuleStyle) => void;
  onReset: () => void;
}) {
  const [open, setOpen] = useState(false);
  const on = style.on ?? !rule.off;
  const value = (name: string, setting: Setting) => style.settings?.[name] ?? setting.default;
  const set = (name: string, to: number | string | readonly string[]) =>
    onChange({ ...style, settings: { ...style.settings, [name]: to } });
  const entries = Object.entries(rule.settings);
  return (
    <li
      className={`grid grid-cols-[2.25rem_minmax(0,1fr)_7rem_9.375rem] items-baseline gap-4 border-hairline border-b py-2.5 max-[50rem]:grid-cols-[2.25rem_1fr] ${on ? "" : "text-graphite"}`}
    >
      <Switch.Root
        checked={on}
        onCheckedChange={(checked) => onChange({ ...style, on: checked })}
        aria-label={`Check: ${rule.finds}`}
        className="relative h-4 w-7 translate-y-0.5 rounded-full border border-graphite data-[state=checked]:border-ink data-[state=checked]:bg-ink"
      >
        <Switch.Thumb className="block h-2.5 w-2.5 translate-x-0.5 rounded-full bg-graphite data-[state=checked]:translate-x-3.5 data-[state=checked]:bg-sheet" />
      </Switch.Root>
      <div className="min-w-0">
        <p className="font-serif text-15 leading-relaxed">
          {entries.length === 0 ? (
            <>
              {rule.finds.charAt(0).toUpperCase()}
              {rule.finds.slice(1)}
            </>
          ) : (
            entries.map(([name, setting], i) => (
              <span key={name}>
                {i > 0 && "; "}
                <Sentence setting={setting} name={name} value={value(name, setting)} onChange={(to) => set(name, to)} />
              </span>
            ))
          )}{" "}
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="font-sans text-12 text-blue hover:underline"
          >
            why
          </button>
          {overridden && (
            <Action className="ml-3 font-sans text-12" onClick={onReset}>
              Back to the default
            </Action>
          )}
        </p>
        {open && (
          <p className="mt-1 max-w-[70ch] text-ink-soft">
            {rule.why}{" "}
            <span className="whitespace-nowrap">
              {[rule.source.kind, rule.source.text].filter(Boolean).join(": ")}.
            </span>{" "}
            <span className="font-mono text-12">{rule.id}</span>
          </p>
        )}
      </div>
      <span className="flex items-center gap-1.5">
        <Mark weight={style.weight ?? rule.weight} label={false} />
        <select
          aria-label={`Weight: ${rule.finds}`}
          value={style.weight ?? rule.weight}
          onChange={(e) => onChange({ ...style, weight: e.target.value as Weight })}
          className="border-graphite border-b border-dotted bg-transparent"
        >
          {WEIGHTS.map((weight) => (
            <option key={weight}>{weight}</option>
          ))}
        </select>
      </span>
      <Count {...count} />
    </li>
  );
}

const number = new Intl.NumberFormat("en-GB");
const onPages = (n: number) => (n === 0 ? "on no page" : `on ${number.format(n)} ${n === 1 ? "page" : "pages"}`);

function Count({ kept, drafted }: RuleCount) {
  if (drafted === null) return <span className="text-ink-soft">{onPages(kept)}, counting…</span>;
  if (drafted === kept) return <span className="text-ink-soft">{onPages(kept)}</span>;
  return (
    <span className="text-blue" aria-live="polite">
      {onPages(kept)}, with this {drafted === 0 ? "on none" : `on ${number.format(drafted)}`}
    </span>
  );
}

/** A setting's sentence, with a field in the place of its name in braces. */
function Sentence({
  setting,
  name,
  value,
  onChange,
}: {
  setting: Setting;
  name: string;
  value: number | string | readonly string[];
  onChange: (value: number | string | readonly string[]) => void;
}) {
  const [before = "", after = ""] = setting.label.split(`{${name}}`);
  let field: ReactNode;
  if (setting.type === "number")
    field = (
      <NumberField
        label={setting.label.replace(`{${name}}`, "…")}
        value={Number(value)}
        min={setting.min}
        max={setting.max}
        onChange={onChange}
      />
    );
  else if (setting.type === "choice") {
    field = (
      <select
        aria-label={setting.label.replace(`{${name}}`, "")}
        value={String(value)}
        onChange={(e) => onChange(e.target.value)}
        className="border-graphite border-b bg-transparent font-medium"
      >
        {setting.choices.map((choice) => (
          <option key={choice}>{choice}</option>
        ))}
      </select>
    );
  } else
    field = (
      <Words label={setting.label.replace(`{${name}}`, "")} words={value as readonly string[]} onChange={onChange} />
    );
  return (
    <>
      {before}
      {field}
      {after}
    </>
  );
}

function Words({
  label,
  words,
  onChange,
}: {
  label: string;
  words: readonly string[];
  onChange: (words: readonly string[]) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <textarea
      aria-label={label}
      rows={2}
      value={typed ?? words.join(", ")}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        if (typed !== null)
          onChange(
            typed
              .split(",")
              .map((word) => word.trim())
              .filter(Boolean)
              .slice(0, 500),
          );
        setTyped(null);
      }}
      className="mt-1 block w-full rounded border border-edge bg-transparent px-2 py-1 font-sans text-13"
    />
  );
}
