import { describe, expect, it } from "vitest";
import { isStatement, sentencesOf } from "./sentences.ts";

const parts = (text: string, language = "en") => sentencesOf(text, language).map((one) => one.trim());

// UAX #29 says where sentences may end; that abbreviations, initials and ordinals end none is common practice, no source.
describe("sentences", () => {
  it.each([
    ["Dr. Stone lit the lamp. It was dark.", "en", ["Dr. Stone lit the lamp.", "It was dark."]],
    ["J. R. Stone came at 5 p.m. and left.", "en", ["J. R. Stone came at 5 p.m. and left."]],
    ["See No. 5 for it. Then go.", "en", ["See No. 5 for it.", "Then go."]],
    ["Version 2.4 is here! Use it?", "en", ["Version 2.4 is here!", "Use it?"]],
    ["Wait … and see. Done.", "en", ["Wait … and see.", "Done."]],
    ["Am 3. Mai beginnt es. Wir öffnen um 9 Uhr.", "de", ["Am 3. Mai beginnt es.", "Wir öffnen um 9 Uhr."]],
    ["Room 3. The lamp is there.", "en", ["Room 3.", "The lamp is there."]],
    ["2. The lamp is lit. Go.", "en", ["2. The lamp is lit.", "Go."]],
    ["灯台は古い。船は赤い。", "ja", ["灯台は古い。", "船は赤い。"]],
    ["Open httpd.conf and edit it. Save.", "en", ["Open httpd.conf and edit it.", "Save."]],
    ["A tag that is none. Two.", "x_y", ["A tag that is none.", "Two."]],
  ])("%s", (text, language, expected) => {
    expect(parts(text, language)).toEqual(expected);
  });

  it("together are the text", () => {
    const text = "  One. Dr. Two!  Three…\nFour";
    expect(sentencesOf(text, "en").join("")).toBe(text);
    expect(sentencesOf("", "en")).toEqual([]);
  });
});

describe("a statement", () => {
  it.each([
    "Keeping a lightship afloat takes rivets, paint and oil.",
    "Use the option --lamp to light the lamp of the ship at dusk.",
    "灯台は古くて赤い船です。",
    "“We lit it at dusk,” the keeper said.",
  ])("is %s", (text) => expect(isStatement(text)).toBe(true));

  it.each([
    "Table 53.",
    "Example 35-2.",
    "Beispiel 4.",
    "htpasswd [ -c ] [ -m ] passwdfile username.",
    "ab -n requests -c concurrency [http://]host/path.",
    "NOTE WELL THIS ONE.",
    "Read more.",
    "A heading without an end",
  ])("is not %s", (text) => expect(isStatement(text)).toBe(false));
});
