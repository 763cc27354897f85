import { countColumn } from "./count-column";

export const pictures = countColumn("pictures", "Pictures", (page) => page.pictures);
