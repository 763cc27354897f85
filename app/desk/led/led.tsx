import { type RefObject, useEffect, useMemo, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import { unstated } from "#core/compose/compose";
import { fieldOf, newValueOf, wasOf } from "#core/rewrite/edits";
import { useSite } from "../../routes/site";
import { Action, MainButton } from "../../ui/controls";
import { isTyped } from "../../ui/focus-on";
import { remember, remembered } from "../../ui/remembered";
import { useTyping } from "../../ui/use-typing";
import { showPart } from "../contents";
import AudienceChoice from "../sections/audience";
import Suggested from "../sections/suggested";
import { useOtherWordings } from "../sections/use-other-wordings";
import type { Desk } from "../use-desk";
import { descriptionEdit, titleEdit } from "../wording";
import { type Step, type StepKind, stepId, stepNow, stepsOf } from "./steps";

/** What of the desk it takes. */
type Taken = Pick<
  Desk,
  "page" | "original" | "edits" | "now" | "record" | "notes" | "edit" | "setPhrase" | "setAudience" | "houseStyle"
>;

/** Suggestions that are offered in a step. */
const OFFERED = 3;
/** What was passed over on a page, as it is remembered in this browser. */
function usePassed(pageId: string) {
  const name = `led ${pageId}`;
  const [passed, setPassed] = useState<readonly string[]>(() => {
    try {
      const kept: unknown = JSON.parse(remembered(name) || "[]");
      return Array.isArray(kept) ? kept.filter((one) => typeof one === "string") : [];
    } catch {
      // What is damaged is begun anew.
      return [];
    }
  });
  const keep = (next: readonly string[]) => {
    setPassed(next);
    remember(name, next.length === 0 ? "" : JSON.stringify(next));
  };
  return { passed, pass: (id: string) => keep([...passed, id]), begin: () => keep([]) };
}

/**
 * Leads through a page: the next thing to do, why, and what it takes to do it there; its place on the sheet is lit. What is
 * settled goes by itself.
 */
export default function Led({
  desk,
  titleRef,
  descriptionRef,
  onLeave,
  onNext,
}: {
  desk: Taken;
  titleRef: RefObject<HTMLTextAreaElement | null>;
  descriptionRef: RefObject<HTMLTextAreaElement | null>;
  onLeave: () => void;
  /** Marks the page ready and goes on to the next; null on the last one. */
  onNext: (() => void) | null;
}) {
  const site = useSite();
  const { page, edits, record, notes, houseStyle } = desk;
  const { passed, pass, begin } = usePassed(record.id);
  const { data, blocks } = page;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const types = useMemo(
    () => unstated(page, houseStyle.data?.organisation).map(({ type }) => type),
    [data, blocks, houseStyle],
  );
  const basis = useMemo(
    () => ({ found: record, findings: notes.map(({ finding }) => finding), unstated: types }),
    [record, notes, types],
  );
  const steps = useMemo(() => stepsOf({ page, edits, ...basis }), [page, edits, basis]);
  const open = steps.filter(({ id, kind }) => kind === "changes" || !passed.includes(id));
  const { step, isHeld } = useHeld(open[0]);
  const panel = useRef<HTMLElement>(null);
  const heading = useRef<HTMLHeadingElement>(null);
  const opened = useRef(false);
  useLit(step);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another step is read out
  useEffect(() => {
    const { activeElement: focused } = document;
    // Whoever types, or works elsewhere on the sheet, keeps the focus.
    if (opened.current && focused !== document.body && !panel.current?.contains(focused)) return;
    if (focused && isTyped(focused)) return;
    opened.current = true;
    heading.current?.focus({ preventScroll: true });
  }, [step?.kind, step?.anchor]);
  if (!step) return null;
  const left = open.length - 1;
  const isChanged = isHeld && stepNow(open, step)?.id !== step.id;
  /**
   * Passes the step over as its text is now, whether or not it is asked about at this moment: what is drawn here, and what is
   * found, come after the last key.
   */
  const goOn = () => {
    const now = desk.now();
    pass(stepId(stepNow(stepsOf({ ...now, ...basis }), step) ?? step, now.page));
  };
  return (
    <section
      ref={panel}
      aria-label="Led through this page"
      className="max-h-[45vh] shrink-0 overflow-auto border-ink border-t bg-paper px-[22px] py-3 short:max-h-none"
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 ref={heading} tabIndex={-1} className="font-serif text-18">
          {step.kind === "changes" ? "Last: a look over the changes" : `Next: ${step.about}`}
        </h2>
        <span className="flex-1 text-12 text-ink-soft">
          {step.kind !== "changes" && (left === 1 ? "1 more after it" : `${left} more after it`)}
        </span>
        {passed.length > 0 && <Action onClick={begin}>Ask again what was passed over</Action>}
        <Action onClick={onLeave}>Leave</Action>
      </div>
      <p className="mt-0.5 max-w-[76ch] text-15" aria-live="polite">
        {step.why}
      </p>
      <div className="mt-2">
        {step.kind === "audience" && (
          <AudienceChoice audience={record.audience} siteId={site.id} onChange={desk.setAudience} />
        )}
        {step.kind === "phrase" && (
          <Suggested site={site} pageId={record.id} known={[]} most={OFFERED} onTake={desk.setPhrase} />
        )}
        {(step.kind === "title" || step.kind === "description") && (
          <Wordings desk={desk} kind={step.kind} field={step.kind === "title" ? titleRef : descriptionRef} />
        )}
        {step.kind === "block" && <Marked phrase={record.phrase} />}
        {step.finding?.fix && (
          <Action onClick={() => step.finding?.fix && desk.edit(step.finding.fix.edits, step.finding.fix.label)}>
            {step.finding.fix.label}
          </Action>
        )}
        {step.kind === "changes" && <Changes edits={edits} />}
      </div>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-5">
        {step.kind === "changes" ? (
          onNext ? (
            <MainButton onClick={onNext}>Mark it ready, and go to the next page</MainButton>
          ) : (
            <span className="text-ink-soft">This is the last page of the queue.</span>
          )
        ) : (
          <Action onClick={goOn}>{isChanged ? "Next" : (GO_ON[step.kind] ?? "Pass this over")}</Action>
        )}
      </p>
    </section>
  );
}

/**
 * The step that is shown: the next one, but as long as somebody types the one that it was then. A step ends when its field is
 * left, never under the hands of whoever words it.
 */
function useHeld(next: Step | undefined): { step: Step | undefined; isHeld: boolean } {
  const typing = useTyping();
  const held = useRef(next);
  useEffect(() => {
    if (!typing) held.current = next;
  });
  return typing ? { step: held.current, isHeld: true } : { step: next, isHeld: false };
}

/** What a press on goes on with, where it is not passing something over. */
const GO_ON: Partial<Record<StepKind, string>> = {
  audience: "Keep “everyone”",
  title: "The title is right as it is",
  description: "The description is right as it is",
};

/** Lights the place of a step on the sheet, and brings it into view. */
function useLit(step: Step | undefined): void {
  const { anchor = "", part = "", id } = step ?? {};
  // biome-ignore lint/correctness/useExhaustiveDependencies: another step is lit anew
  useEffect(() => {
    if (anchor === "" && part === "") return;
    const find = () =>
      (anchor && document.querySelector(`[data-anchor="${CSS.escape(anchor)}"]`)) ||
      (part && document.getElementById(`${part}-heading`)?.closest("section")) ||
      null;
    let lit: Element | null = null;
    const light = () => {
      lit?.removeAttribute("data-led");
      lit = find();
      lit?.setAttribute("data-led", "");
      const seen = lit?.closest("[data-scroll]")?.getBoundingClientRect();
      const { top = 0, bottom = 0 } = lit?.getBoundingClientRect() ?? {};
      if (seen && (top < seen.top || bottom > seen.bottom)) lit?.scrollIntoView({ block: "start" });
    };
    if (part) showPart(part);
    light();
    // What is further down is drawn a moment later.
    const timer = setTimeout(light, 400);
    return () => {
      clearTimeout(timer);
      lit?.removeAttribute("data-led");
    };
  }, [anchor, part, id]);
}

/** Suggested wordings: one is chosen, then worded in its place. */
function Wordings({
  desk,
  kind,
  field,
}: {
  desk: Taken;
  kind: "title" | "description";
  field: RefObject<HTMLTextAreaElement | null>;
}) {
  const { page, original, record } = desk;
  const site = useSite();
  const { blocks, headings, data } = page;
  const said = useMemo(() => ({ blocks, headings, data }), [blocks, headings, data]);
  const found = useOtherWordings(site, record.id, record.phrase, said);
  const texts = (kind === "title" ? found?.titles : found?.descriptions)?.slice(0, OFFERED);
  return (
    <>
      {!texts ? (
        <p className="text-ink-soft">Looking through the page’s words…</p>
      ) : (
        <ul aria-label={`Suggested ${kind}s`} className="grid gap-1">
          {texts.map(({ text, reasons }) => (
            <li key={text}>
              <Action
                className="font-serif text-15"
                onClick={() =>
                  desk.edit(
                    kind === "title" ? titleEdit(original, text) : descriptionEdit(original, text),
                    `Suggested ${kind}`,
                  )
                }
              >
                <span dir="auto">{text}</span>
              </Action>
              <span className="block text-12 text-ink-soft">It {reasons.join(", ")}.</span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-1">
        <Action onClick={() => field.current?.focus()}>Word it yourself</Action>
      </p>
    </>
  );
}

/** Marks the places of the phrase in the sheet while the step lasts. */
function Marked({ phrase }: { phrase: string }) {
  const [params, setParams] = useSearchParams();
  const marked = params.get("phrase") === phrase;
  return (
    <Action
      aria-pressed={marked}
      onClick={() => {
        const next = new URLSearchParams(params);
        if (marked) next.delete("phrase");
        else next.set("phrase", phrase);
        setParams(next, { replace: true, preventScrollReset: true });
      }}
    >
      {marked ? "Mark its places no more" : "Mark its places in the text"}
    </Action>
  );
}

/** What was changed, was above is. */
function Changes({ edits }: { edits: Taken["edits"] }) {
  if (edits.length === 0) return null;
  return (
    <ul aria-label="Changes" className="grid gap-2">
      {edits.map((edit) => (
        <li key={fieldOf(edit) + newValueOf(edit)}>
          <span className="text-12 text-ink-soft">{fieldOf(edit)}</span>
          <span className="block truncate text-graphite" dir="auto">
            {wasOf(edit) || "nothing"}
          </span>
          <span className="block truncate text-blue" dir="auto">
            {newValueOf(edit) || "nothing"}
          </span>
        </li>
      ))}
    </ul>
  );
}
