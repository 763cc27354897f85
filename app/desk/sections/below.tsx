import { startTransition, useEffect, useState } from "react";
import type { Picking } from "../anchored";
import type { Desk } from "../use-desk";
import { Data } from "./data";
import { Head } from "./head";
import { Links } from "./links";
import { Looks } from "./looks";
import { Markup } from "./markup";
import { Pictures } from "./pictures";
import { Source } from "./source";

const PARTS = [Looks, Markup, Pictures, Links, Data, Head, Source];

/** The parts of the sheet below the outline. They are drawn behind it one after the other, so that no key waits for all of them. */
export default function Below({ desk, picking }: { desk: Desk; picking: Picking }) {
  const [drawn, setDrawn] = useState(1);
  useEffect(() => {
    if (drawn < PARTS.length) startTransition(() => setDrawn(drawn + 1));
  }, [drawn]);
  return PARTS.slice(0, drawn).map((Part) => <Part key={PARTS.indexOf(Part)} desk={desk} {...picking} />);
}
