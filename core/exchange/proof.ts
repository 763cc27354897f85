import type { BoldRange } from "../measure/width.ts";
import { fingerprint } from "../page/fingerprint.ts";
import { differingWords } from "../result/differing.ts";
import { boldOf, drawnLines, setDescription } from "../result/result.ts";
import type { Device } from "../result/styles.ts";
import { addressTrail } from "../result/trail.ts";
import type { ResultLimits } from "../settings/house-style.ts";
import { escapedHtml } from "./html-text.ts";

/** A change that somebody is asked about. */
export interface ProofChange {
  id: string;
  /** What it changes: “title”, “heading: Prices”. */
  field: string;
  was: string;
  is: string;
  reason: string;
}

/** Another wording that is offered. */
export interface ProofTake {
  id: string;
  letter: string;
  title: string;
  description: string;
  reason: string;
}

interface Words {
  title: string;
  description: string;
}

/** A page of a proof. */
export interface ProofPage {
  address: string;
  /** BCP 47, or "". */
  language: string;
  /** What it is to be found for; "" for nothing. */
  phrase: string;
  was: Words;
  is: Words;
  changes: readonly ProofChange[];
  takes: readonly ProofTake[];
}

/** What is sent to somebody for approval. */
export interface Proof {
  site: { id: string; name: string };
  /** ISO 8601, with the time. */
  at: string;
  pages: readonly ProofPage[];
}

/** Longest text of a change that a proof holds, in UTF-16 code units. */
const LONGEST = 2000;

/** A text as HTML and spreadsheets leave it: other line ends, no NUL, no half of a surrogate pair. */
const survived = (text: string): string => text.replace(/\r\n?/g, "\n").replaceAll("\0", "\ufffd").toWellFormed();

/** A text as a proof holds it: of a longer one its beginning, and what tells it from others that begin so. */
export const inProof = (text: string): string =>
  survived(text.length <= LONGEST ? text : `${text.slice(0, LONGEST).toWellFormed()}… (${fingerprint(text)})`);

/** True if what came back of a proof is a text as the proof held it. A cell of a spreadsheet has lost its outer spaces. */
export const sameInProof = (text: string, back: string): boolean => inProof(text).trim() === survived(back).trim();

/** Names the format of what comes back, and its version. */
const FORMAT = "keen-quill proof";
const VERSION = 1;
const DEVICES: readonly Device[] = ["desktop", "mobile"];
const DEVICE_NAMES: Readonly<Record<Device, string>> = { desktop: "Desktop", mobile: "Mobile" };
const day = new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeZone: "UTC" });

/** Text with stretches in an element. */
function within(text: string, ranges: readonly BoldRange[], element: string): string {
  let [html, at] = ["", 0];
  for (const { start, end } of ranges) {
    html += `${escapedHtml(text.slice(at, start))}<${element}>${escapedHtml(text.slice(start, end))}</${element}>`;
    at = end;
  }
  return html + escapedHtml(text.slice(at));
}

/** A text line by line, as it is drawn; a line is never broken again. */
function linesOf(text: string, lines: readonly string[], bold: readonly BoldRange[]): string {
  let from = 0;
  return lines
    .map((line) => {
      // What is shown behind a cut is no part of the text, and stands on the last line.
      const start = Math.max(from, text.indexOf(line.replace(/\s*…$/, ""), from));
      from = start + line.length;
      const inLine = bold
        .map((range) => ({ start: Math.max(0, range.start - start), end: Math.min(line.length, range.end - start) }))
        .filter((range) => range.end > range.start);
      return `<span>${within(line, inLine, "b")}</span>`;
    })
    .join("");
}

/** A result as a device shows it. */
function resultHtml(address: string, words: Words, page: ProofPage, device: Device, limits: ResultLimits): string {
  const bold = boldOf(page.phrase, words.description, page.language);
  const lines = drawnLines(words, device, limits, bold);
  const { end } = setDescription(words.description, device, limits, bold);
  const shown = bold.filter((range) => range.start < end).map((range) => ({ ...range, end: Math.min(range.end, end) }));
  const language = page.language === "" ? "" : ` lang="${escapedHtml(page.language)}"`;
  return `<div class="result ${device}"><p class="device">${DEVICE_NAMES[device]}</p><p class="trail">${escapedHtml(addressTrail(address).join(" › "))}</p><p class="title" dir="auto"${language}>${words.title === "" ? "<i>no title</i>" : linesOf(words.title, lines.title, [])}</p><p class="text" dir="auto"${language}>${words.description === "" ? "<i>no description</i>" : linesOf(words.description, lines.description, shown)}</p></div>`;
}

const both = (words: Words, page: ProofPage, limits: ResultLimits) =>
  `<div class="devices">${DEVICES.map((device) => resultHtml(page.address, words, page, device, limits)).join("")}</div>`;

function changeHtml({ id, field, was, is, reason }: ProofChange): string {
  const name = escapedHtml(id);
  const text = (words: string) => escapedHtml(words) || "<i>nothing</i>";
  return `<fieldset data-change="${name}" data-is="${escapedHtml(is)}" data-field="${escapedHtml(field)}"><legend>${escapedHtml(field)}</legend>
<p class="was" dir="auto"><span class="label">was</span> ${text(was)}</p>
<p class="is" dir="auto"><span class="label">is</span> ${is === "" ? "<i>nothing</i>" : within(is, differingWords(was, is), "u")}</p>
${reason === "" ? "" : `<p class="reason">Because: ${escapedHtml(reason)}</p>\n`}<p class="answer"><label><input type="radio" name="${name}" value="approved"> Approve</label> <label><input type="radio" name="${name}" value="sent-back"> Send back</label> <label class="comment">Comment <input type="text" maxlength="2000" data-comment></label></p></fieldset>`;
}

function takeHtml(take: ProofTake, page: ProofPage, limits: ResultLimits): string {
  const name = escapedHtml(take.id);
  return `<fieldset data-take="${name}" data-letter="${escapedHtml(take.letter)}"><legend>Take ${escapedHtml(take.letter)}</legend>
${both(take, page, limits)}
${take.reason === "" ? "" : `<p class="reason">Because: ${escapedHtml(take.reason)}</p>\n`}<p class="answer"><label><input type="checkbox" data-preferred> I would rather have this one</label> <label class="comment">Comment <input type="text" maxlength="2000" data-comment></label></p></fieldset>`;
}

function pageHtml(page: ProofPage, limits: ResultLimits): string {
  const { address, phrase, was, is, changes, takes } = page;
  const differs = was.title !== is.title || was.description !== is.description;
  return `<section data-page="${escapedHtml(address)}">
<h2>${escapedHtml(address.replace(/^https?:\/\//, ""))}</h2>
${phrase === "" ? "" : `<p class="phrase">To be found for <mark>${escapedHtml(phrase)}</mark></p>\n`}${differs ? `<h3>Before</h3>\n${both(was, page, limits)}\n<h3>After</h3>\n` : ""}${both(is, page, limits)}
${changes.map(changeHtml).join("\n")}
${takes.length > 0 ? `<h3>Other wordings to choose from</h3>\n${takes.map((take) => takeHtml(take, page, limits)).join("\n")}` : ""}
</section>`;
}

/** One file that shows a proof, opens anywhere, and writes the answers given in it to a file; it loads nothing. */
export function proofHtml(proof: Proof, limits: ResultLimits): string {
  const { site, at, pages } = proof;
  const title = `Proof: ${escapedHtml(site.name)}`;
  const changes = pages.reduce((sum, page) => sum + page.changes.length, 0);
  return `<!DOCTYPE html>
<html lang="en-GB">
<head>
<meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; script-src 'unsafe-inline'">
<meta name="viewport" content="width=device-width">
<meta name="robots" content="noindex">
<title>${title}</title>
<style>${STYLE}</style>
</head>
<body data-site="${escapedHtml(site.id)}" data-name="${escapedHtml(site.name)}" data-made="${escapedHtml(at)}">
<main>
<h1>${title}</h1>
<p>${pages.length === 1 ? "1 page" : `${pages.length} pages`}, ${changes === 1 ? "1 change" : `${changes} changes`}, ${day.format(new Date(at))}. Say of each change whether it is right, and send back the file that is made at the end. Nothing leaves this file before that.</p>
${pages.map((page) => pageHtml(page, limits)).join("\n")}
<section class="end">
<h2>Your answer</h2>
<p><label>Your name <input type="text" id="by" maxlength="100"></label></p>
<p><button type="button" data-save="json">Save the answers</button> <button type="button" data-save="csv">Save them as a spreadsheet</button> <span role="status" id="told"></span></p>
<noscript><p>This browser runs no scripts, so that no file can be made here: write your answers into a mail.</p></noscript>
</section>
</main>
<script>${SCRIPT}</script>
</body>
</html>
`;
}

const STYLE = `body{margin:0;background:#fbf9f3;color:#1c1b19;font:15px/1.5 system-ui,sans-serif}main{max-width:1040px;margin:0 auto;padding:24px}h1,h2,h3{font-family:Georgia,serif;font-weight:600}h1{font-size:24px}h2{font-size:18px;margin:36px 0 4px;border-top:1px solid #cfc8b8;padding-top:20px;overflow-wrap:anywhere}h3{font-size:15px;margin:16px 0 4px}mark{background:#f7e8a4;color:inherit;padding:0 4px}.devices{display:flex;flex-wrap:wrap;gap:16px 40px}.result{background:#fff;padding:12px 16px;border:1px solid #e2dccd;border-radius:3px;max-width:100%;overflow-x:auto;box-sizing:border-box}.result p{margin:0}.device{font-size:12px;color:#5f5a50}.trail{font-size:12px;color:#5f5a50;font-family:Arimo,Arial,Helvetica,sans-serif}.desktop{width:634px;font-family:Arimo,Arial,Helvetica,sans-serif}.mobile{width:362px;font-family:Roboto,Arial,sans-serif}.title{font-size:20px;line-height:26px;color:#1a0dab}.text{font-size:14px;line-height:21px;color:#4d5156}.title span,.text span{display:block;white-space:pre}fieldset{border:1px solid #cfc8b8;border-radius:3px;margin:12px 0;padding:8px 16px}legend{padding:0 6px;font-weight:600}fieldset p{margin:4px 0;overflow-wrap:anywhere}.was{color:#5f5a50}.is{color:#22438f}.is u{text-decoration-style:dotted;text-underline-offset:3px}.label{display:inline-block;min-width:34px;font-size:12px;color:#5f5a50}.reason{font-style:italic}.answer{display:flex;flex-wrap:wrap;gap:4px 20px;align-items:baseline}.comment{flex:1;display:flex;gap:8px;min-width:240px}.comment input{flex:1}input[type=text]{font:inherit;padding:2px 6px}button{font:inherit;padding:6px 14px}@media print{body{background:#fff}.answer,.end{display:none}section{break-inside:avoid}}@media (prefers-color-scheme:dark){body{background:#1a1917;color:#ece7dc}.result{background:#22211f;border-color:#3a3833}.title{color:#9bbcff}.text{color:#bdc1c6}.is{color:#9db8f5}.was,.label,.device,.trail{color:#a49d8f}mark{background:#5a4d14}h2,fieldset{border-color:#47443d}}`;

/** Collects what was ticked and written, and gives it out as a file. Everything is read from the page itself. */
const SCRIPT = `(function(){"use strict";
function answers(){var by=document.getElementById("by").value.trim();var list=[];
document.querySelectorAll("[data-change],[data-take]").forEach(function(f){
var page=f.closest("[data-page]").dataset.page;var comment=f.querySelector("[data-comment]").value.trim();
if(f.dataset.change){var v=f.querySelector("input[type=radio]:checked");if(v||comment)list.push({change:f.dataset.change,page:page,field:f.dataset.field,is:f.dataset.is,verdict:v?v.value:"",comment:comment})}
else{var p=f.querySelector("[data-preferred]").checked;if(p||comment)list.push({take:f.dataset.take,page:page,field:"take "+f.dataset.letter,is:"",verdict:p?"preferred":"",comment:comment})}});
return{format:"${FORMAT}",version:${VERSION},site:{id:document.body.dataset.site,name:document.body.dataset.name},at:document.body.dataset.made,by:by,answers:list}}
function cell(t){t=String(t);if(/^[=+\\-@\\t\\r]/.test(t))t="'"+t;return/[",\\r\\n]/.test(t)?'"'+t.replace(/"/g,'""')+'"':t}
function csv(a){return[["proof of","change","take","page","field","is","verdict","comment","by"]].concat(a.answers.map(function(o){return[a.site.id,o.change||"",o.take||"",o.page,o.field,o.is,o.verdict,o.comment,a.by]})).map(function(r){return r.map(cell).join(",")}).join("\\r\\n")+"\\r\\n"}
document.querySelectorAll("[data-save]").forEach(function(b){b.addEventListener("click",function(){var a=answers();var told=document.getElementById("told");
if(a.answers.length===0){told.textContent="Nothing is ticked or commented on yet.";return}
var json=b.dataset.save==="json";var blob=new Blob([json?JSON.stringify(a,null,1):"\\ufeff"+csv(a)],{type:json?"application/json":"text/csv"});
var l=document.createElement("a");l.href=URL.createObjectURL(blob);l.download="answers."+b.dataset.save;l.click();setTimeout(function(){URL.revokeObjectURL(l.href)},1e4);
told.textContent=(a.answers.length===1?"1 answer":a.answers.length+" answers")+" saved. Send the file back."})})})();`;
