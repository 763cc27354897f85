import type { Asked } from "#core/proposals/all";
import type { QuestionProps } from "./question";

const ASKED: Asked = { way: "brand" };

export function AskBrand({ site: { houseStyle }, preview }: QuestionProps) {
  return (
    <>
      <p className="text-ink-soft">
        {houseStyle.brand
          ? `Titles that hold “${houseStyle.brand}” more than once keep it once, behind the separator.`
          : "No brand is set for the end of titles. Name it under House style."}
      </p>
      {preview(ASKED)}
    </>
  );
}
