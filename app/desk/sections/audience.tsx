import { useState } from "react";
import { type Audience, EVERYONE } from "#core/page/found-for";
import { placesOf } from "../../store/phrases";
import { WordSelect } from "../../ui/controls";
import { useUnkept } from "../../ui/unkept";

const WORDS = [
  ["everyone", "everyone"],
  ["country", "the people of"],
  ["place", "those in or near"],
] as const;

/** Longest name of a place or country, in UTF-16 code units. */
const LONGEST = 100;

const isSame = (a: Audience, b: Audience) => a.of === b.of && a.name === b.name;

/** Whom the page is for: a place is looked for in its title and text then. */
export default function AudienceChoice({
  audience,
  siteId,
  onChange,
}: {
  audience: Audience;
  /** Names that other pages of the site have are offered. */
  siteId: string;
  onChange: (audience: Audience) => void;
}) {
  /** Asked for when a place is named: it goes over all pages. */
  const [places, setPlaces] = useState<readonly string[]>([]);
  /** Chosen, and not named yet. */
  const [naming, setNaming] = useState<Audience["of"] | null>(null);
  /** As it was said here last: the sheet is drawn in its own time, so that what it knows may be older. */
  const [given, setGiven] = useState(audience);
  const of = naming ?? given.of;
  const named = of !== "everyone";
  const [text, setText] = useState(audience.name);
  const [last, setLast] = useState(audience);
  if (last !== audience) {
    setLast(audience);
    if (!isSame(audience, given)) {
      setGiven(audience);
      setText(audience.name);
      setNaming(null);
    }
  }
  const fault = text.trim().length > LONGEST ? `A name has at most ${LONGEST} characters.` : null;
  useUnkept(fault && `“${text.slice(0, 30)}…” is not kept. ${fault}`);
  const give = (next: Audience) => {
    setNaming(null);
    if (isSame(next, given)) return;
    setGiven(next);
    onChange(next);
  };
  const keep = () => {
    const name = text.trim();
    if (!fault && name !== "") give({ of, name });
  };
  return (
    <p className="mt-2 flex flex-wrap items-baseline gap-x-2 gap-y-1">
      It is for
      <WordSelect
        label="Whom the page is for"
        value={of}
        options={WORDS}
        onChange={(value) => {
          const next = value as Audience["of"];
          if (next === "everyone") {
            setText("");
            give(EVERYONE);
          } else if (text.trim() !== "") give({ of: next, name: text.trim() });
          else setNaming(next);
        }}
      />
      {named && (
        <>
          <input
            // biome-ignore lint/a11y/noAutofocus: it was just asked for
            autoFocus={naming !== null}
            aria-label={of === "place" ? "Name of the place" : "Name of the country"}
            placeholder={of === "place" ? "name of the place" : "name of the country"}
            list="places-of-site"
            value={text}
            dir="auto"
            size={Math.max(16, text.length + 1)}
            onChange={(e) => setText(e.target.value)}
            onFocus={() => void placesOf(siteId).then(setPlaces, () => {})}
            onBlur={keep}
            onKeyDown={(e) => {
              if (e.key === "Enter") keep();
              if (e.key === "Escape") setText(given.name);
            }}
            className="border-edge border-b bg-transparent"
          />
          <datalist id="places-of-site">
            {places.map((name) => (
              <option key={name} value={name} />
            ))}
          </datalist>
          {of === "place" && <span className="text-ink-soft">its title and text should name it</span>}
        </>
      )}
      {fault && (
        <span role="alert" className="text-12 text-red">
          {fault}
        </span>
      )}
    </p>
  );
}
