import { useLiveQuery } from "dexie-react-hooks";
import { fieldOf, newValueOf } from "#core/rewrite/edits";
import { db } from "../../store/db";

const STATES: Readonly<Record<string, string>> = { approved: "approved", "sent-back": "sent back" };
const at = new Intl.DateTimeFormat("en-GB", { dateStyle: "medium" });

/** What was said of this page's changes in answer to a proof; nothing where nobody has said anything. */
export default function Answers({ pageId }: { pageId: string }) {
  const changes = useLiveQuery(
    async () =>
      (await db().changes.where("pageId").equals(pageId).toArray()).filter(
        ({ state, thread }) => STATES[state] !== undefined || thread.length > 0,
      ),
    [pageId],
  );
  if (!changes || changes.length === 0) return null;
  return (
    <section aria-label="What was said of the changes" className="border-blue border-l-[3px] pl-4">
      <ul className="grid gap-1.5">
        {changes
          .toSorted((a, b) => a.order - b.order)
          .map(({ id, edit, state, thread }) => (
            <li key={id}>
              <span className="text-ink-soft">{fieldOf(edit)}</span>{" "}
              {STATES[state] && (
                <span className={state === "sent-back" ? "text-red" : "text-blue"}>{STATES[state]}</span>
              )}
              <span className="block truncate font-serif text-15" dir="auto">
                {newValueOf(edit)}
              </span>
              {thread.map((comment) => (
                <span key={comment.at + comment.text} className="block text-ink-soft">
                  {comment.by}, {at.format(new Date(comment.at))}: “{comment.text}”
                </span>
              ))}
            </li>
          ))}
      </ul>
    </section>
  );
}
