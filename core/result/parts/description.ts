import { descriptionOf } from "../../page/page.ts";
import { robotsOf } from "../../page/robots-directives.ts";
import type { PartReader } from "./part.ts";

/** Whether a text may stand under the title, as the page tells robots. */
export const description: PartReader = ({ page }) => {
  const { noindex, stated } = robotsOf(page);
  const text = descriptionOf(page);
  const part = (shown: boolean, why: string, needs: string[] = []) => ({
    id: "description" as const,
    label: "Description",
    shown: shown && text !== "" ? [text] : [],
    why,
    needs,
    tried: null,
  });
  if (noindex) return part(false, "Robots are told not to list the page: there is no result at all.");
  const most = stated.find(({ name }) => name === "max-snippet")?.value;
  if (stated.some(({ name }) => name === "nosnippet") || most === "0")
    return part(false, "Robots are told to show no text of the page.");
  if (most !== undefined && Number(most) > 0)
    return part(true, `Robots are told to show at most ${most} characters of the page.`);
  if (text === "") return part(false, "There is none; search engines show words of the page.", ["a meta description"]);
  return part(true, "It is the page’s own; search engines may show words of the page that fit a query better.");
};
