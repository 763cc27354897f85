import { countColumn } from "./count-column";

export const paragraphs = countColumn("paragraphs", "Paragraphs", (page) => page.paragraphs);
