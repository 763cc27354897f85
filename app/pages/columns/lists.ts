import { countColumn } from "./count-column";

export const lists = countColumn("lists", "Lists", (page) => page.lists);
