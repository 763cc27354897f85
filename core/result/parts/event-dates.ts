import { hasEnded, isOver } from "../../structured-data/ends.ts";
import { dateOf } from "../../structured-data/formats.ts";
import { type Entity, textOf, valuesOf } from "../../structured-data/graph.ts";
import { entitiesOf, type PageData } from "../../structured-data/page-data.ts";
import { dayInResult, daysIn, featureStates, memberOf, type PartReader } from "./part.ts";

/** Events that are named under one result. */
const MOST = 3;

function placeOf(data: PageData, entity: Entity): string {
  const [value] = valuesOf(entity, "location");
  if (value?.kind === "text") return value.text;
  const [place] = value ? entitiesOf(data, value) : [];
  return place ? textOf(place, "name") : "";
}

/** What schema.org's EventStatusType says of an event that does not take place as it was announced. */
const STATUS: Readonly<Record<string, string>> = {
  EventCancelled: "Cancelled",
  EventPostponed: "Postponed",
  EventMovedOnline: "Moved online",
};

/** Whether an event is over on a day: its last one has passed, or it says so itself. */
const isPast = (entity: Entity, today: string) =>
  isOver(textOf(entity, "endDate") || textOf(entity, "startDate"), today) || hasEnded(entity, today);

/** The day of an event, or the first and the last: “12 Nov 2026”, “3–5 Dec 2026”. */
function daysOf(entity: Entity, language: string): string {
  const [start, end] = [dateOf(textOf(entity, "startDate")), dateOf(textOf(entity, "endDate"))];
  if (start === null) return "";
  const days = [start, end ?? start].map((at) => new Date(at).toISOString().slice(0, 10));
  const [first = "", last = ""] = days;
  if (last <= first) return dayInResult(first, language);
  return daysIn(language).formatRange(new Date(first), new Date(last));
}

/** Days and places of the events that the page states. */
export const eventDates: PartReader = ({ data, language, today }) => {
  const states = featureStates(data, "event");
  const lines = states.flatMap(({ entity, missing }) => {
    if (isPast(entity, today)) return [];
    const days = missing.length === 0 ? daysOf(entity, language) : "";
    if (days === "") return [];
    return [
      [STATUS[memberOf(entity, "eventStatus")], days, textOf(entity, "name"), placeOf(data, entity)]
        .filter(Boolean)
        .join(" · "),
    ];
  });
  const part = (shown: string[], why: string, needs: string[] = []) => ({
    id: "event-dates" as const,
    label: "Dates and place",
    shown: shown.slice(0, MOST),
    why,
    needs,
    tried: null,
  });
  if (lines.length > 0)
    return part(
      lines,
      lines.length === 1 ? "Its event states its day and place." : "Its events state their days and places.",
    );
  const [state] = states;
  if (!state) return part([], "The page states no event.", ["an Event with its name, start date and place"]);
  if (states.every(({ entity, missing }) => missing.length === 0 && isPast(entity, today)))
    return part([], states.length === 1 ? "Its event is over." : "Its events are over.", [
      "an event that is still to come",
    ]);
  return part(
    [],
    "Its event lacks something.",
    state.missing.length > 0 ? state.missing.map(({ label }) => label) : ["a start date of ISO 8601"],
  );
};
