import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { ofPage } from "../../ui/of-page";
import type { Column } from "./column";

export const name: Column = {
  id: "name",
  header: "Page",
  track: "minmax(180px,1.1fr)",
  value: (page) => page.name,
  cell: (page, link) => (
    <Link tabIndex={-1} to={link(page)} className="block hover:[&>:first-child]:underline">
      <span className="block truncate font-serif text-15" {...ofPage(page.language)}>
        {page.name || "without a name"}
      </span>
      <span className="block truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
    </Link>
  ),
};
