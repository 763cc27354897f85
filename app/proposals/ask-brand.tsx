import type { Asked } from "#core/proposals/all";
import type { QuestionProps } from "./question";

const ASKED: Asked = { way: "brand" };

export function AskBrand({ site: { houseStyle }, preview }: QuestionProps) {
  return (
    <>
      <p className="text-soft">
        {houseStyle.brand
          ? `Titles that hold “${houseStyle.brand}” more than once keep it once, behind the separator.`
          : "The site has no name behind its titles yet. Give it one under House style."}
      </p>
      {preview(ASKED)}
    </>
  );
}
