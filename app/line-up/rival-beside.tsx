import { type ReactNode, useCallback, useEffect, useRef, useState } from "react";
import { pathOf } from "#core/address/address";
import type { PageLook } from "#core/result/beside";
import { useRival } from "../store/line-ups";
import { Action } from "../ui/controls";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { onPool } from "../workers/pool";
import { fetchRivals } from "./fetch-rivals";

const number = new Intl.NumberFormat("en-GB");

/** A rival's page and yours side by side; the rival's is fetched when it is first asked for, and kept apart from the site. */
export function RivalBeside({
  siteId,
  pageId,
  address,
  phrase,
  onClose,
}: {
  siteId: string;
  pageId: string;
  address: string;
  phrase: string;
  onClose: () => void;
}) {
  const { fail } = useNotices();
  const rival = useRival(siteId, address);
  const [fault, setFault] = useState<string | null>(null);
  const [looks, setLooks] = useState<{ yours: PageLook; theirs: PageLook } | null>(null);
  const fetching = useRef<AbortController | null>(null);
  const fetchIt = useCallback(() => {
    fetching.current?.abort();
    fetching.current = new AbortController();
    const { signal } = fetching.current;
    setFault(null);
    fetchRivals(siteId, [address], { signal }).then(
      ({ notes }) => !signal.aborted && setFault(notes[0] ?? null),
      (error) => !signal.aborted && fail(error),
    );
  }, [siteId, address, fail]);
  const missing = rival === null;
  useEffect(() => {
    if (missing) fetchIt();
  }, [missing, fetchIt]);
  useEffect(() => () => fetching.current?.abort(), []);
  const id = rival?.id;
  const at = rival?.at;
  // biome-ignore lint/correctness/useExhaustiveDependencies: fetched again it is another page
  useEffect(() => {
    if (id === undefined) return;
    let gone = false;
    onPool((worker) => worker.besideRival(pageId, id, phrase)).then((both) => !gone && setLooks(both), fail);
    return () => {
      gone = true;
    };
  }, [id, at, pageId, phrase, fail]);
  return (
    <Modal open onOpenChange={(open) => !open && onClose()} title="Their page beside yours" wide>
      {fault ? (
        <p role="alert" className="mt-3 text-red">
          {fault} <Action onClick={fetchIt}>Try again</Action>
        </p>
      ) : !looks ? (
        <p className="mt-3 text-ink-soft" aria-live="polite">
          {rival === null ? "Fetching their page…" : "Reading both pages…"}
        </p>
      ) : (
        <Both {...looks} phrase={phrase} />
      )}
      {rival && (
        <p className="mt-4 flex gap-5 text-12 text-ink-soft">
          Fetched on {new Date(rival.at).toLocaleDateString("en-GB", { dateStyle: "long" })}
          <Action onClick={fetchIt}>Fetch it again</Action>
        </p>
      )}
    </Modal>
  );
}

function Both({ yours, theirs, phrase }: { yours: PageLook; theirs: PageLook; phrase: string }) {
  const rows: [string, (look: PageLook) => ReactNode][] = [
    ["In one sentence", ({ sentence }) => sentence],
    ["Words", ({ words }) => number.format(words)],
    [
      "Headings by level",
      ({ levels }) =>
        levels
          .map((n, i) => (n > 0 ? `${n} × H${i + 1}` : ""))
          .filter(Boolean)
          .join(", ") || "none",
    ],
    [
      "Outline",
      ({ outline }) =>
        outline.length === 0 ? (
          "none"
        ) : (
          <ol>
            {outline.map(({ level, text }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: headings may be equal
              <li key={i} style={{ paddingLeft: (level - 1) * 14 }} dir="auto">
                <span className="mr-1.5 text-12 text-ink-soft">H{level}</span>
                {text}
              </li>
            ))}
          </ol>
        ),
    ],
    [
      "Pictures",
      ({ pictures, withoutAlt }) =>
        pictures === 0 ? "none" : `${pictures}${withoutAlt > 0 ? `, ${withoutAlt} without alternative text` : ""}`,
    ],
    ...(phrase === ""
      ? []
      : [[`“${phrase}”`, ({ phrase: said }: PageLook) => said] as [string, (look: PageLook) => ReactNode]]),
    [
      "Phrases it repeats",
      ({ phrases }) => phrases.map(({ text, count }) => `${text} (${count})`).join(", ") || "none",
    ],
    ["Structured data", ({ entities }) => entities.join("; ") || "none"],
  ];
  return (
    <table className="mt-3 w-full table-fixed text-left align-top">
      <thead>
        <tr className="border-hairline border-b">
          <th scope="col" className="w-[150px] py-1.5 font-normal text-ink-soft">
            <span className="sr-only">What is compared</span>
          </th>
          <th scope="col" className="truncate py-1.5 pr-4 font-medium">
            Yours <span className="font-mono font-normal text-12 text-ink-soft">{pathOf(yours.address)}</span>
          </th>
          <th scope="col" className="truncate py-1.5 font-medium">
            Theirs{" "}
            <span className="font-mono font-normal text-12 text-ink-soft">
              {theirs.address.replace(/^https?:\/\//, "")}
            </span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, read]) => (
          <tr key={name} className="border-hairline border-b align-top">
            <th scope="row" className="py-2 pr-3 font-normal text-ink-soft">
              {name}
            </th>
            <td className="break-words py-2 pr-4">{read(yours)}</td>
            <td className="break-words py-2">{read(theirs)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
