import { Popover } from "radix-ui";
import { useState } from "react";
import { pathOf } from "#core/address/address";
import type { PageRecord } from "../store/page-record";
import { ofPage } from "../ui/of-page";
import { SearchList, SearchOption } from "../ui/search-list";

/** Pages that are listed; more are found by their words. */
const MOST = 200;

/** Words that open a list of pages to choose one from; those that come first are the likeliest. */
export function PageChoice({
  words,
  pages,
  likely = [],
  onChoose,
}: {
  words: string;
  pages: readonly PageRecord[];
  likely?: readonly string[];
  onChoose: (page: PageRecord) => void;
}) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState("");
  const first = new Set(likely);
  const asked = find.trim().toLowerCase();
  const ordered = [...pages.filter(({ id }) => first.has(id)), ...pages.filter(({ id }) => !first.has(id))];
  const shown = ordered
    .filter(({ name, address }) => `${name} ${address}`.toLowerCase().includes(asked))
    .slice(0, MOST);
  return (
    <Popover.Root
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setFind("");
      }}
    >
      <Popover.Trigger className="text-left text-blue hover:underline">{words}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={12}
          aria-label={words}
          className="floating z-50 w-[25rem] max-w-[94vw]"
        >
          <SearchList
            label={words}
            placeholder="Find a page"
            empty="No page of this site is called that."
            find={find}
            onFind={setFind}
            narrows={false}
          >
            {shown.map((page) => (
              <SearchOption
                key={page.id}
                value={page.id}
                className=""
                onChoose={() => {
                  setOpen(false);
                  onChoose(page);
                }}
              >
                <span className="block truncate" {...ofPage(page.language)}>
                  {page.name || pathOf(page.address)}
                </span>
                <span className="block truncate font-mono text-12 text-ink-soft">
                  {pathOf(page.address)}
                  {page.phrase && ` · ${page.phrase}`}
                </span>
              </SearchOption>
            ))}
          </SearchList>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
