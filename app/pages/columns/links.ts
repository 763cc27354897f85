import { countColumn } from "./count-column";

export const links = countColumn("links", "Links from here", (page) => page.links);
