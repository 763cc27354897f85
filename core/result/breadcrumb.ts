type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

function asObject(value: Json | undefined): { [key: string]: Json } | null {
  return typeof value === "object" && value !== null && !Array.isArray(value) ? value : null;
}

function nodesOf(value: Json, depth = 0): { [key: string]: Json }[] {
  if (depth > 6) return [];
  if (Array.isArray(value)) return value.flatMap((item) => nodesOf(item, depth + 1));
  const node = asObject(value);
  if (!node) return [];
  const inner = [node["@graph"], node.breadcrumb].filter((v): v is Json => v !== undefined);
  return [node, ...inner.flatMap((item) => nodesOf(item, depth + 1))];
}

function isBreadcrumb(node: { [key: string]: Json }): boolean {
  const type = node["@type"];
  return Array.isArray(type) ? type.includes("BreadcrumbList") : type === "BreadcrumbList";
}

/**
 * The names of the first breadcrumb in JSON-LD blocks (schema.org BreadcrumbList), in their order, or null. Blocks that
 * are no valid JSON are passed over, as search engines do.
 */
export function breadcrumbOf(blocks: readonly string[]): string[] | null {
  for (const block of blocks) {
    let data: Json;
    try {
      data = JSON.parse(block) as Json;
    } catch {
      continue;
    }
    const list = nodesOf(data).find(isBreadcrumb);
    const items = list?.itemListElement;
    if (!Array.isArray(items)) continue;
    const names = items
      .map((item) => asObject(item))
      .filter((item) => item !== null)
      .sort((a, b) => Number(a.position ?? 0) - Number(b.position ?? 0))
      .map((item) => item.name ?? asObject(item.item)?.name)
      .filter((name): name is string => typeof name === "string" && name.trim() !== "");
    if (names.length > 0) return names;
  }
  return null;
}
