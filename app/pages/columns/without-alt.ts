import { countColumn } from "./count-column";

export const withoutAlt = countColumn("withoutAlt", "Without alt text", (page) => page.withoutAlt);
