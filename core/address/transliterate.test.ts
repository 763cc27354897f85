import { beforeAll, describe, expect, it } from "vitest";
import { loadAsciiTable } from "./ascii.ts";
import { proposeSlug } from "./propose-slug.ts";

beforeAll(loadAsciiTable);

const slug = (text: string, language: string) => proposeSlug(text, { language }).slug;

describe("slugs are written as the language has it", () => {
  it.each([
    // German: ae, oe, ue, ss (DIN 5007-2, from memory).
    ["Größe über Äpfel", "de", "groesse-ueber-aepfel"],
    ["Größe", "de-AT", "groesse"],
    // Danish and Norwegian: ae, oe, aa (common practice, no source).
    ["Blåbærgrød på Ærø", "da", "blaabaergroed-paa-aeroe"],
    ["Ålesund fyr", "nb", "aalesund-fyr"],
    // Swedish and Finnish: a, o (common practice, no source).
    ["Fyren på Åland, öppen", "sv", "fyren-pa-aland-oppen"],
    ["Älä mene pöydälle", "fi", "ala-mene-poydalle"],
    // Elsewhere the dots are left out.
    ["naïve Ångström", "en", "naive-angstrom"],
    ["Łódź żeglarska", "pl", "lodz-zeglarska"],
    // Greek: ELOT 743, from memory: ου, αυ and ευ by what follows, γγ, initial μπ, accents that part vowels.
    ["Λειτουργίας του φάρου", "el", "leitourgias-tou-farou"],
    ["Αυγό και ναύτης", "el", "avgo-kai-naftis"],
    ["Ευαγγέλιο, μπάρα, λάμπα", "el", "evangelio-bara-lampa"],
    ["Χαϊδάρι, ψάρι, θέα", "el", "chaidari-psari-thea"],
    // Bulgaria's Transliteration Act of 2009, from memory: щ sht, ъ a, final -ия as -ia.
    ["Щъркел в София", "bg", "shtarkel-v-sofia"],
    ["България", "bg", "bulgaria"],
    // Ukraine's resolution 55 of 2010, its own examples, from memory: Згурський Zghurskyi, Щербухи Shcherbukhy, Їжакевич Yizhakevych, Знам'янка Znamianka.
    ["Згурський Щербухи Їжакевич Знам'янка", "uk", "zghurskyi-shcherbukhy-yizhakevych-znamianka"],
    ["Київ, Єнакієве, Ґалаґан", "uk", "kyiv-yenakiieve-galagan"],
    // Kana by Hepburn as in passports, from memory: shi, chi, tsu; small ya; doubled consonants; m before b; long vowels once.
    ["しんぶん きっぷ マッチ", "ja", "shimbun-kippu-matchi"],
    ["とうきょう タワー", "ja", "tokyo-tawa"],
    ["ひらがな", "", "hiragana"],
    // Chinese, where nothing says otherwise.
    ["上海", "zh", "shanghai"],
    ["Λάμπα и лампа", "ru", "lampa-i-lampa"],
  ])("%s in %s", (text, language, expected) => {
    expect(slug(text, language)).toBe(expected);
  });

  it("kanji are left to the editor, and never read as Chinese", () => {
    for (const [text, language] of [
      ["東京", "ja"],
      ["灯台のひみつ", ""],
    ] as const) {
      const { slug, note } = proposeSlug(text, { language });
      expect(slug).toBe("");
      expect(note).toMatch(/^Kanji are read in several ways/);
    }
  });

  it("Arabic and Hebrew say that their vowels are left out", () => {
    expect(proposeSlug("متحف", { language: "ar" })).toEqual({ slug: "mthf", note: expect.stringMatching(/^Arabic/) });
    expect(proposeSlug("מוזיאון", { language: "he" }).note).toMatch(/^Hebrew/);
    expect(proposeSlug("museum", { language: "ar" }).note).toBe(null);
  });
});
