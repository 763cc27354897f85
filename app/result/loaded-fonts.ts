/**
 * The style rules of the web fonts that this document has loaded, with the files in them: a picture is drawn apart from the
 * document, where nothing can be fetched.
 */
export async function loadedFonts(): Promise<string> {
  await document.fonts.ready;
  const key = (family: string, weight: string, style: string, range: string) =>
    [family.replace(/["']/g, ""), weight, style, range.replace(/\s/g, "").toUpperCase()].join(" ");
  const loaded = new Set(
    [...document.fonts]
      .filter(({ status }) => status === "loaded")
      .map(({ family, weight, style, unicodeRange }) => key(family, weight, style, unicodeRange)),
  );
  const rules: Promise<string>[] = [];
  for (const sheet of document.styleSheets)
    for (const rule of sheet.cssRules) {
      if (!(rule instanceof CSSFontFaceRule)) continue;
      const of = (name: string) => rule.style.getPropertyValue(name);
      const range = of("unicode-range") || "U+0-10FFFF";
      if (!loaded.has(key(of("font-family"), of("font-weight") || "normal", of("font-style") || "normal", range)))
        continue;
      const address = /url\(["']?([^"')]+)/.exec(of("src"))?.[1];
      if (address) rules.push(embedded(rule, new URL(address, sheet.href ?? document.baseURI).href, of));
    }
  return (await Promise.all(rules)).join("\n");
}

async function embedded(rule: CSSFontFaceRule, address: string, of: (name: string) => string): Promise<string> {
  const file = await (await fetch(address)).blob();
  const data = await new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error);
    reader.readAsDataURL(file);
  });
  return rule.cssText.replace(of("src"), `url(${data})`);
}
