import type { SiteOrganisation } from "../settings/house-style.ts";
import { type Entity, nameOf } from "../structured-data/graph.ts";
import { type PageData, placedBlock } from "../structured-data/page-data.ts";
import { replaceValue } from "../structured-data/patch-json.ts";
import { isKindOf } from "../structured-data/vocabulary.ts";
import { organisationId } from "./recognise/organisation.ts";

/** An entity that a value can lead to by its `@id`. */
export interface Linkable {
  id: string;
  label: string;
  /** Gives the entity its `@id` where it has none yet: its block before and after. */
  names: { was: string; text: string } | null;
}

/** The entities of a page that a value of one of these types can lead to, and whoever runs the site. */
export function linkable(
  data: PageData,
  from: Entity,
  types: readonly string[],
  organisation: SiteOrganisation | undefined,
  address: string,
): Linkable[] {
  if (types.length === 0) return [];
  const fits = (own: readonly string[]) => own.some((one) => types.some((type) => isKindOf(one, type)));
  const around = new Set<Entity>();
  for (let one: Entity | null = from; one; one = one.within) around.add(one);
  const taken = new Set(data.byId.keys());
  const found: Linkable[] = [];
  for (const entity of data.entities) {
    const block = placedBlock(data, entity.place);
    if (!block || entity.syntax !== "json-ld" || around.has(entity) || !fits(entity.types)) continue;
    const label = [entity.types[0], nameOf(entity)].filter(Boolean).join(" ");
    if (entity.id !== null) {
      found.push({ id: entity.id, label, names: null });
      continue;
    }
    if (!/^https?:/.test(address)) continue;
    const id = freeId(address, entity.types[0] ?? "entity", taken);
    const text = replaceValue(block.text, [...entity.place.path, "@id"], id);
    found.push({ id, label, names: { was: block.text, text } });
  }
  if (organisation && fits([organisation.type]) && /^https?:/.test(address)) {
    const id = organisationId(address);
    if (!found.some((one) => one.id === id))
      found.push({ id, label: `${organisation.name}, of the whole site`, names: null });
  }
  return found;
}

/** An `@id` on the page's own address that no other entity bears. */
function freeId(address: string, type: string, taken: Set<string>): string {
  const base = `${address.replace(/#.*$/, "")}#${type.toLowerCase()}`;
  let id = base;
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`;
  taken.add(id);
  return id;
}
