import { countColumn } from "./count-column";

export const words = countColumn("words", "Words", (page) => page.words);
