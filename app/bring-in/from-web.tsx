import { RadioGroup } from "radix-ui";
import { type ReactNode, type SyntheticEvent, useState } from "react";
import { newSite } from "../store/bring-in";
import { addressesIn, beginQueue, DEFAULT_LIMITS, type NewItem } from "../store/queues";
import type { QueueRecord } from "../store/records/queues";
import type { SiteRecord } from "../store/records/sites";
import { Action, fieldClass, MainButton, NumberField } from "../ui/controls";
import { useNotices } from "../ui/notice";
import { findSitemaps } from "./find-sitemaps";
import { runQueue } from "./queue-runner";

const WAYS: { value: Exclude<QueueRecord["from"], "again">; name: string; hint: string }[] = [
  { value: "addresses", name: "These pages", hint: "one address a line" },
  { value: "sitemap", name: "All pages of the sitemap", hint: "found through robots.txt, or give its own address" },
  { value: "links", name: "Pages linked from here", hint: "followed within the limits below" },
];

/** Bringing in by address: a list, a sitemap, or links followed from a start page. */
export function FromWeb({
  site,
  onBegun,
  fault,
}: {
  site: SiteRecord | null;
  onBegun: (siteId: string) => void;
  fault: (text: string) => void;
}) {
  const { fail } = useNotices();
  const [text, setText] = useState("");
  const [from, setFrom] = useState<(typeof WAYS)[number]["value"]>("addresses");
  const [limits, setLimits] = useState(DEFAULT_LIMITS);
  const [looking, setLooking] = useState<AbortController | null>(null);

  const begin = async (event: SyntheticEvent) => {
    event.preventDefault();
    const { addresses, wrong } = addressesIn(text);
    const [first] = addresses;
    if (wrong.length > 0) {
      fault(
        `“${wrong[0]}” is not an address. Type one like https://www.example.org/visit/, each on a line of its own.`,
      );
      return;
    }
    if (!first) {
      fault("Type or paste the address of a page.");
      return;
    }
    fault("");
    const controller = new AbortController();
    setLooking(controller);
    try {
      const page = (address: string): NewItem => ({ address, wanted: "page", depth: 0 });
      const items =
        from === "sitemap"
          ? (await Promise.all(addresses.map((one) => findSitemaps(one, controller.signal))))
              .flat()
              .map((address): NewItem => ({ address, wanted: "sitemap", depth: 0 }))
          : addresses.map(page);
      const target = site ?? newSite(new URL(first).host.replace(/^www\./, ""), new URL("/", first).href);
      const host = new URL(first).host;
      const name = addresses.length === 1 ? (from === "addresses" ? first : host) : `${addresses.length} addresses`;
      const most = from === "addresses" ? Math.max(limits.pages, items.length) : limits.pages;
      const id = await beginQueue(target, { name, from, limits: { ...limits, pages: most } }, items);
      void runQueue(id);
      setText("");
      onBegun(target.id);
    } catch (error) {
      if (!controller.signal.aborted) fail(error);
    } finally {
      setLooking(null);
    }
  };

  const limit = (name: "atOnce" | "pages" | "depth", min: number, max: number, label: string) => (
    <NumberField
      label={label}
      value={limits[name]}
      min={min}
      max={max}
      onChange={(value) => setLimits({ ...limits, [name]: value })}
    />
  );
  return (
    <form onSubmit={(event) => void begin(event)} className="grid gap-5">
      <label className="grid gap-1.5">
        <span className="font-serif text-18">Which addresses?</span>
        <textarea
          value={text}
          onChange={(e) => setText(e.target.value)}
          rows={4}
          spellCheck={false}
          placeholder="https://www.your-site.example/"
          className={`${fieldClass} font-mono text-13`}
        />
      </label>
      <RadioGroup.Root
        value={from}
        onValueChange={(value) => setFrom(value as typeof from)}
        aria-label="Which pages"
        className="grid gap-2"
      >
        {WAYS.map(({ value, name, hint }) => (
          <label key={value} htmlFor={`way-${value}`} className="flex items-baseline gap-2.5 text-15">
            <RadioGroup.Item
              id={`way-${value}`}
              value={value}
              className="m-1 grid h-4 min-h-4 w-4 translate-y-0.5 place-items-center rounded-full border border-graphite"
            >
              <RadioGroup.Indicator className="h-2 w-2 rounded-full bg-ink" />
            </RadioGroup.Item>
            <span>
              {name} <span className="text-13 text-ink-soft">{hint}</span>
            </span>
          </label>
        ))}
      </RadioGroup.Root>
      <p className="max-w-[60ch] text-15 leading-8">
        At most {limit("pages", 1, 50_000, "Most pages")} pages, {limit("atOnce", 1, 20, "Requests at once")} at once
        from one host
        {from === "links" && <>, up to {limit("depth", 0, 20, "Links away")} links away</>}
        {from !== "addresses" && (
          <>
            , whose path begins with{" "}
            <input
              aria-label="Path begins with"
              value={limits.below}
              onChange={(e) =>
                setLimits({ ...limits, below: e.target.value.startsWith("/") ? e.target.value : `/${e.target.value}` })
              }
              className="w-32 border-graphite border-b bg-transparent px-1 font-mono text-13"
            />
          </>
        )}
        .
      </p>
      <div className="flex items-center gap-4">
        <MainButton type="submit" busy={looking !== null}>
          {looking ? "Looking for the sitemap…" : "Bring them in"}
        </MainButton>
        {looking && <Action onClick={() => looking.abort()}>Stop</Action>}
        <Explanation>
          Fetched through this application’s own server, which keeps nothing. What robots.txt forbids is not fetched.
        </Explanation>
      </div>
    </form>
  );
}

const Explanation = ({ children }: { children: ReactNode }) => (
  <span className="max-w-[46ch] text-ink-soft">{children}</span>
);
