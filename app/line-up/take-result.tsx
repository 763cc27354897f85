import { boldOf, setDescription, setTitle } from "#core/result/result";
import { type Device, descriptionLine } from "#core/result/styles";
import { addressTrail } from "#core/result/trail";
import type { ResultLimits } from "#core/settings/house-style";
import { ResultField } from "../desk/field";
import { Trail } from "../result/drawn-result";

const nothing = () => {};

/** One's own result in the column, with a take's words: they are typed where they stand. */
export function TakeResult({
  name,
  title,
  description,
  address,
  query,
  language,
  device,
  limits,
  onType,
}: {
  /** “take B” */
  name: string;
  title: string;
  description: string;
  address: string;
  query: string;
  language: string;
  device: Device;
  limits: ResultLimits;
  onType: (field: "title" | "description", text: string) => void;
}) {
  const bold = boldOf(query, description, language);
  const desktop = device === "desktop";
  return (
    <div className={`result-${device} min-w-0`}>
      <Trail trail={addressTrail(address)} />
      <div style={{ maxWidth: desktop ? limits.titleDesktop : limits.titleMobile }}>
        <ResultField
          label={`Title of ${name} on ${device}`}
          value={title}
          onChange={(text) => onType("title", text)}
          lostFrom={setTitle(title, device, limits).end}
          bold={[]}
          notes={[]}
          selected={null}
          onSelect={nothing}
          className="text-[20px] text-result-title leading-[26px]"
          placeholder="No title yet"
        />
      </div>
      <div style={{ maxWidth: descriptionLine(device, limits) }}>
        <ResultField
          label={`Description of ${name} on ${device}`}
          value={description}
          onChange={(text) => onType("description", text)}
          lostFrom={setDescription(description, device, limits, bold).end}
          bold={bold}
          notes={[]}
          selected={null}
          onSelect={nothing}
          className="text-[14px] text-result-text leading-[20px]"
          placeholder="No description yet"
        />
      </div>
    </div>
  );
}
