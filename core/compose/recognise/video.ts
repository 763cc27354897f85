import { addressOn, descriptionOf } from "../../page/page.ts";
import { Collecting, type Recogniser, under } from "./collecting.ts";

/** A video element, or a frame that says by its title that it plays one. */
export const video: Recogniser = ({ page }) => {
  const found = page.videos[0];
  if (!found) return null;
  const entity = new Collecting(page);
  const address = (of: string | null) => (of ? addressOn(page, of) : null);
  const heading = page.headings[found.heading];
  if (found.title) entity.set(["name"], found.title);
  else if (heading && heading.block >= 0) entity.from(["name"], heading.text, heading.block);
  if (descriptionOf(page)) entity.set(["description"], descriptionOf(page));
  const poster = address(found.poster);
  if (poster) entity.set(["thumbnailUrl"], poster);
  const source = address(found.src);
  if (source) entity.set([found.framed ? "embedUrl" : "contentUrl"], source);
  return entity.proposal("VideoObject", `a video${under(page, found.heading)}`);
};
