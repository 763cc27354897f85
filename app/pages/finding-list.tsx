import { Command as Cmdk } from "cmdk";
import { Mark } from "../ui/mark";
import type { Told } from "./told-rules";

const number = new Intl.NumberFormat("en-GB");
const item = "flex cursor-default items-baseline gap-3 rounded px-2.5 py-1 data-[selected=true]:bg-tint";

/** The rules that found something, by subject, in the order in which they came: the weightiest first. */
export default function FindingList({
  value,
  told,
  pages,
  onChoose,
}: {
  value: string;
  told: Told;
  pages: ReadonlyMap<string, number>;
  onChoose: (rule: string) => void;
}) {
  const found = [...new Set([...pages.keys(), ...(value ? [value] : [])])];
  const groups = Object.entries(told.subjects).flatMap(([subject, name]) => {
    const rules = found.filter((rule) => rule.startsWith(`${subject}/`));
    return rules.length > 0 ? [{ name, rules }] : [];
  });
  return (
    <Cmdk label="By finding" loop defaultValue={value || "any"}>
      <Cmdk.Input
        autoFocus
        placeholder="Find a finding"
        className="w-full border-edge border-b bg-transparent px-4 py-2.5 outline-none"
      />
      <Cmdk.List className="max-h-[min(52vh,420px)] overflow-auto p-1.5">
        <Cmdk.Empty className="p-3 text-ink-soft">No finding of this site is called that.</Cmdk.Empty>
        <Cmdk.Item value="any" keywords={["any finding or none"]} onSelect={() => onChoose("")} className={item}>
          any finding or none
        </Cmdk.Item>
        {groups.map(({ name, rules }) => (
          <Cmdk.Group key={name} heading={<span className="block px-2.5 pt-2 text-12 text-ink-soft">{name}</span>}>
            {rules.map((rule) => (
              <Cmdk.Item
                key={rule}
                value={rule}
                keywords={[told.rules.get(rule)?.finds ?? rule, name]}
                onSelect={() => onChoose(rule)}
                className={item}
              >
                <Mark weight={told.rules.get(rule)?.weight ?? "may"} />
                <span className="min-w-0 flex-1">{told.rules.get(rule)?.finds ?? rule}</span>
                <span className="text-12 text-ink-soft tabular-nums">{number.format(pages.get(rule) ?? 0)}</span>
              </Cmdk.Item>
            ))}
          </Cmdk.Group>
        ))}
      </Cmdk.List>
    </Cmdk>
  );
}
