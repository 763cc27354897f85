import type { Image } from "../../page/page.ts";
import { quote } from "../texts.ts";

/** What a picture is called where it has no text. */
export function fileName({ src }: Pick<Image, "src">): string {
  if (!src) return "A picture without an address";
  if (src.startsWith("data:")) return "A picture that stands in the source itself";
  const name = src.split(/[?#]/)[0]?.split("/").filter(Boolean).at(-1) ?? src;
  return `The picture ${quote(name, 60)}`;
}
