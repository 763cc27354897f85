import { benchWholeSite } from "./whole-site.ts";

await benchWholeSite((what, result, bar, met) => console.log(met ? "met   " : "MISSED", what, ":", result, `(${bar})`));
