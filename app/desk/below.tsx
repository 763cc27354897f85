import type { Picking } from "./anchored";
import { Data } from "./data";
import { Head } from "./head";
import { Links } from "./links";
import { Looks } from "./looks";
import { Markup } from "./markup";
import { Pictures } from "./pictures";
import { Source } from "./source";
import type { Desk } from "./use-desk";

/** The parts of the sheet below the outline. They are loaded after the first ones are drawn. */
export default function Below({ desk, picking }: { desk: Desk; picking: Picking }) {
  return (
    <>
      <Looks desk={desk} />
      <Markup desk={desk} {...picking} />
      <Pictures desk={desk} {...picking} />
      <Links desk={desk} {...picking} />
      <Data desk={desk} {...picking} />
      <Head desk={desk} {...picking} />
      <Source desk={desk} />
    </>
  );
}
