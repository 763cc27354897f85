import { type ClipboardEvent, type SyntheticEvent, useRef, useState } from "react";
import { loadAsciiTable } from "#core/address/ascii";
import { slugFrom } from "#core/address/propose-slug";
import { cleanRichText, draftName, draftSource } from "#core/exchange/draft";
import { originalFromText } from "#core/page/original";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import type { Incoming } from "../store/read-incoming";
import { fieldClass, MainButton } from "../ui/controls";
import { useUnkept } from "../ui/unkept";
import { kindStarts } from "./kind-starts";

const LANGUAGE = "en-GB";

/** A draft as something that comes in, at an address made of its name. */
async function incomingDraft(body: string, base: string, phrase: string): Promise<Incoming> {
  await loadAsciiTable();
  const name = draftName(body) || "New page";
  const slug = slugFrom(name, { language: LANGUAGE, maxWords: 8 }) || "new-page";
  return {
    path: `${slug}.html`,
    source: originalFromText(draftSource(body, { language: LANGUAGE, title: "" })),
    address: new URL(slug, base).href,
    addressGiven: true,
    phrase,
    isNew: true,
  };
}

/** Bringing in what is no page yet: pasted source, rich text, a word-processor file, or nothing at all. */
export function Draft({
  base,
  phrase,
  onIncoming,
  fault,
}: {
  base: string;
  /** What a new page is begun for; "" for nothing. */
  phrase: string;
  onIncoming: (incoming: Incoming[]) => void;
  fault: (text: string) => void;
}) {
  const [source, setSource] = useState("");
  const [rich, setRich] = useState("");
  const begun = phrase.slice(0, 1).toUpperCase() + phrase.slice(1);
  const [heading, setHeading] = useState(begun);
  const [kind, setKind] = useState<PageKind>("article");
  const file = useRef<HTMLInputElement>(null);
  useUnkept(`${source}${rich}`.trim() === "" && heading === begun ? null : "What you wrote is not brought in yet.");

  const paste = (event: ClipboardEvent) => {
    const html = event.clipboardData.getData("text/html");
    if (!html) return;
    event.preventDefault();
    setRich(cleanRichText(html));
  };
  const openDocument = async (chosen: File | undefined) => {
    if (!chosen) return;
    try {
      const { default: mammoth } = await import("mammoth");
      const { value } = await mammoth.convertToHtml(
        { arrayBuffer: await chosen.arrayBuffer() },
        { styleMap: ["p[style-name='Title'] => h1:fresh", "p[style-name='Subtitle'] => p:fresh"] },
      );
      const body = cleanRichText(value);
      if (body === "") fault(`${chosen.name} holds no text. Choose another file, or paste its text.`);
      else onIncoming([await incomingDraft(body, base, phrase)]);
    } catch {
      fault(
        `${chosen.name} is no .docx file that can be read. Save it as .docx in the word processor, then choose it again.`,
      );
    }
  };
  const takeRich = async () => {
    const body = rich.includes("<")
      ? rich
      : cleanRichText(
          rich
            .split(/\n\s*\n/)
            .map((part) => `<p>${part.replaceAll("&", "&amp;").replaceAll("<", "&lt;")}</p>`)
            .join(""),
        );
    if (body === "") fault("There is no text yet. Paste it from the word processor.");
    else onIncoming([await incomingDraft(body, base, phrase)]);
  };
  const begin = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (heading.trim() === "") fault("Type what the page is about: its H1.");
    else onIncoming([await incomingDraft(kindStarts(kind, heading.trim()), base, phrase)]);
  };
  const takeSource = () =>
    onIncoming([
      {
        path: "pasted.html",
        source: originalFromText(source),
        address: new URL("pasted.html", base).href,
        addressGiven: false,
        phrase: "",
      },
    ]);

  return (
    <div className="grid gap-9">
      <section className="grid gap-3">
        <h2 className="font-serif text-18">A text out of a word processor</h2>
        <textarea
          aria-label="Rich text"
          value={rich}
          onPaste={paste}
          onChange={(e) => setRich(e.target.value)}
          rows={6}
          placeholder="Paste it here: headings, lists, tables, links and emphasis are kept, looks are not"
          className={`${fieldClass} font-mono text-12`}
        />
        <p className="flex gap-3">
          <MainButton onClick={() => void takeRich()} disabled={rich.trim() === ""}>
            Make a page of it
          </MainButton>
          <button
            type="button"
            onClick={() => file.current?.click()}
            className="rounded border border-ink px-4 py-2 font-medium text-15"
          >
            Choose a .docx file
          </button>
          <input
            ref={file}
            type="file"
            hidden
            aria-label="Word-processor file"
            accept=".docx"
            onChange={(e) => void openDocument(e.target.files?.[0])}
          />
        </p>
      </section>
      <form className="grid gap-3" onSubmit={(event) => void begin(event)}>
        <h2 className="font-serif text-18">A new page from nothing</h2>
        <div className="flex flex-wrap items-end gap-3">
          <label className="grid gap-1">
            Kind
            <select
              aria-label="Kind of the new page"
              value={kind}
              onChange={(e) => setKind(e.target.value as PageKind)}
              className={fieldClass}
            >
              {Object.entries(PAGE_KINDS).map(([value, { one }]) => (
                <option key={value} value={value}>
                  {one}
                </option>
              ))}
            </select>
          </label>
          <label className="grid min-w-[17.5rem] flex-1 gap-1">
            What it is about
            <input
              value={heading}
              onChange={(e) => setHeading(e.target.value)}
              className={fieldClass}
              placeholder="The lamp and how it was lit"
            />
          </label>
          <MainButton type="submit">Begin the page</MainButton>
        </div>
      </form>
      <section className="grid gap-3">
        <label className="grid gap-2">
          <span className="font-serif text-18">Or paste a page’s source</span>
          <textarea
            value={source}
            onChange={(e) => setSource(e.target.value)}
            rows={6}
            spellCheck={false}
            className={`${fieldClass} font-mono text-12`}
          />
        </label>
        <p>
          <MainButton onClick={takeSource} disabled={source.trim() === ""}>
            Read this source
          </MainButton>
        </p>
      </section>
    </div>
  );
}
