import rivals from "../../demo/rivals.json";

interface Rival {
  title: string;
  address: string;
  description: string;
}

const byPhrase: Record<string, Rival[]> = rivals.results;
const all = Object.values(byPhrase).flat();

const folded = (text: string) => text.trim().toLowerCase().replace(/[’‘]/g, "'");
const escaped = (text: string) =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");

/** Hosts of the pages that stand beside the museum's. */
export const RIVAL_HOSTS: readonly string[] = [...new Set(all.map(({ address }) => new URL(address).host))];

/** What the results service answers for a phrase: RSS 2.0 as OpenSearch 1.1 has its results; no items where it knows none. */
export function resultsFor(phrase: string): string {
  const results = Object.entries(byPhrase).find(([one]) => folded(one) === folded(phrase))?.[1] ?? [];
  const items = results
    .map(
      ({ title, address, description }) =>
        `<item><title>${escaped(title)}</title><link>${escaped(address)}</link><description>${escaped(description)}</description></item>`,
    )
    .join("\n");
  return `<rss version="2.0" xmlns:opensearch="http://a9.com/-/spec/opensearch/1.1/"><channel><title>${escaped(phrase)}</title><opensearch:totalResults>${results.length}</opensearch:totalResults>\n${items}</channel></rss>\n`;
}

/** A page as whoever stands beside the museum would have it; null for an address that none of them has. */
export function rivalPage(address: string): string | null {
  const rival = all.find((one) => one.address === address);
  if (!rival) return null;
  const [h1 = rival.title, brand = ""] = rival.title.split(/ [-|] /);
  const sentences = rival.description.split(/(?<=[.?!])\s+/);
  const data = {
    "@context": "https://schema.org",
    "@type": "Article",
    headline: h1,
    ...(brand && { publisher: brand }),
  };
  const parts = sentences.map(
    (sentence, i) =>
      `<h2>${escaped(sentence.split(/[,:.?!]/)[0] ?? "")}</h2>\n<p>${escaped(sentence)} ${escaped(sentences[(i + 1) % sentences.length] ?? "")}</p>`,
  );
  return `<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>${escaped(rival.title)}</title>
<meta name="description" content="${escaped(rival.description)}">
<script type="application/ld+json">${JSON.stringify(data)}</script>
</head>
<body>
<nav><a href="/">Home</a> <a href="/about">About</a></nav>
<main>
<h1>${escaped(h1)}</h1>
<p>${escaped(rival.description)}</p>
<img src="/pictures/1.jpg" alt="${escaped(h1)}" width="800" height="500">
${parts.join("\n")}
</main>
</body>
</html>
`;
}
