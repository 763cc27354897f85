import { Mark } from "../ui/mark";
import { SearchGroup, SearchList, SearchOption } from "../ui/search-list";
import type { Told } from "./told-rules";

const number = new Intl.NumberFormat("en-GB");

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
    <SearchList
      label="By finding"
      placeholder="Find a finding"
      empty="No finding of this site is called that."
      chosen={value || "any"}
    >
      <SearchOption value="any" keywords={["any finding or none"]} onChoose={() => onChoose("")}>
        any finding or none
      </SearchOption>
      {groups.map(({ name, rules }) => (
        <SearchGroup key={name} name={name}>
          {rules.map((rule) => (
            <SearchOption
              key={rule}
              value={rule}
              keywords={[told.rules.get(rule)?.finds ?? rule, name]}
              onChoose={() => onChoose(rule)}
            >
              <Mark weight={told.rules.get(rule)?.weight ?? "may"} />
              <span className="min-w-0 flex-1">{told.rules.get(rule)?.finds ?? rule}</span>
              <span className="text-12 text-ink-soft tabular-nums">{number.format(pages.get(rule) ?? 0)}</span>
            </SearchOption>
          ))}
        </SearchGroup>
      ))}
    </SearchList>
  );
}
