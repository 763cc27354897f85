/** Numbers that look random and are the same for the same seed (mulberry32). */
function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const WORDS =
  "ship lamp lens signal fog keeper crew harbour quay tide gangway saloon galley engine mast anchor rope knot watch bell chart log storm wreck buoy sand light paint brass oil wick glass winter visit ticket child school talk shop mug biscuit".split(
    " ",
  );

export interface LargePage {
  address: string;
  source: string;
}

/** Pages of an invented site of any size: the same pages for the same seed; `first` numbers them. Median about 45 KB, some of 400 KB. */
export function* largeSite(count: number, seed = 1, first = 0): Generator<LargePage> {
  const next = random(seed);
  const pick = () => WORDS[Math.floor(next() * WORDS.length)] ?? "ship";
  const words = (n: number) => Array.from({ length: n }, pick).join(" ");
  const sentence = () => {
    const text = words(6 + Math.floor(next() * 14));
    return `${text[0]?.toUpperCase()}${text.slice(1)}.`;
  };
  for (let i = 0; i < count; i++) {
    const size = next() < 0.03 ? 400_000 : 15_000 + next() * 60_000;
    const title = `${words(3 + Math.floor(next() * 6))} | Gullhaven`;
    const parts = [
      `<!DOCTYPE html>\n<html lang="en-GB">\n<head>\n  <meta charset="utf-8">\n  <meta name="viewport" content="width=device-width">\n  <title>${next() < 0.05 ? "Home" : title}</title>\n`,
      next() < 0.7 ? `  <meta name="description" content="${sentence()} ${sentence()}">\n` : "",
      `</head>\n<body>\n<nav><ul>${Array.from({ length: 30 }, () => `<li class="item"><a href="/${pick()}/${pick()}">${words(2)}</a></li>`).join("")}</ul></nav>\n<main>\n<h1>${words(4)}</h1>\n`,
    ];
    let length = parts.join("").length;
    while (length < size) {
      const level = 2 + Math.floor(next() * 3);
      const block = `<section class="block block--${pick()}"><h${level} class="title">${words(3)}</h${level}>\n<p>${sentence()} <a href="/${pick()}">${words(2)}</a> ${sentence()} <em>${pick()}</em> ${sentence()}</p>\n<div class="grid"><div class="cell"><img src="/${pick()}.jpg" alt="${words(3)}"><span>${words(5)}</span></div></div>\n</section>\n`;
      parts.push(block);
      length += block.length;
    }
    parts.push("</main>\n<footer><p>Gullhaven</p></footer>\n</body>\n</html>\n");
    yield { address: `https://large.example/${pick()}/${pick()}-${first + i}`, source: parts.join("") };
  }
}
