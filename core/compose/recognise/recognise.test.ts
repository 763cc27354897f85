import { describe, expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import type { SiteOrganisation } from "../../settings/house-style.ts";
import { proposalsFor } from "../compose.ts";

const OWN: SiteOrganisation = {
  type: "Organization",
  name: "Harbour Museum",
  logo: "https://a.example/logo.svg",
  address: "East Quay, Harbourtown",
  profiles: ["https://people.example/harbour"],
};

const page = (body: string, address = "https://a.example/visit/lamp", head = "", lang = "en") =>
  readPage(
    `<!doctype html><html lang=${lang}><head><title>Lamp | Museum</title>${head}</head><body><main>${body}</main></body></html>`,
    { address },
  );

/** What is proposed of a type, with its entity to look into. */
function proposed(
  type: string,
  body: string,
  address?: string,
  { head = "", lang = "en", own = null as SiteOrganisation | null } = {},
) {
  const found = proposalsFor(page(body, address, head, lang), own).find((one) => one.type === type);
  // biome-ignore lint/suspicious/noExplicitAny: each test knows its shape
  return found ? { ...found, json: found.entity as any } : null;
}

describe("a page proposes what it shows", () => {
  it("questions with answers, from headings, terms and summaries", () => {
    for (const body of [
      "<h1>Before you come</h1><h2>Is there a lift?</h2><p>No.<h2>May dogs come?</h2><p>Yes.<p>On a lead.",
      "<h1>Before you come</h1><dl><dt>Is there a lift?<dd>No.<dt>May dogs come?<dd>Yes.<dd>On a lead.</dl>",
      "<h1>Before you come</h1><details><summary>Is there a lift?</summary><p>No.</details><details><summary>May dogs come?</summary><p>Yes.<p>On a lead.</details>",
    ]) {
      const faq = proposed("FAQPage", body);
      expect(faq?.found).toBe("2 questions with answers, under “Before you come”");
      expect(faq?.json.mainEntity[1]).toEqual({
        "@type": "Question",
        name: "May dogs come?",
        acceptedAnswer: { "@type": "Answer", text: "Yes.\nOn a lead." },
      });
    }
    expect(proposed("FAQPage", "<h1>Is this one?</h1><p>No.")).toBeNull();
  });

  it("a price, stock and numbers", () => {
    const product = proposed(
      "Product",
      "<h1>Lamp kit</h1><p>£64.00, in stock. ISBN 978-0-306-40615-7",
      "https://a.example/shop/kit",
    );
    expect(product?.json).toMatchObject({
      name: "Lamp kit",
      isbn: "978-0-306-40615-7",
      offers: { price: "64.00", priceCurrency: "GBP", availability: "https://schema.org/InStock" },
    });
    expect(proposed("Product", "<h1>Prices</h1><p>Adults pay £9")).toBeNull();
  });

  it("something for sale whose price is not told, and a day whose year is not", () => {
    const kit = proposed("Product", "<h1>Lamp kit</h1><p>Forty-one parts.", "https://a.example/shop/kit");
    expect(kit).toMatchObject({ found: "a page of the shop that shows no price", json: { name: "Lamp kit" } });
    expect(kit?.json.offers).toBeUndefined();
    const shelf = "<h1>Shop</h1><a href=/shop/a>a</a><a href=/shop/b>b</a><a href=/shop/c>c</a>";
    expect(proposed("Product", shelf, "https://a.example/shop/all")).toBeNull();
    const talk = proposed("Event", "<h1>Talk</h1><p>On 12 November: wrecks.", "https://a.example/events/talk");
    expect(talk).toMatchObject({ found: "a day without its year, 12 November" });
    expect(talk?.json.startDate).toBeUndefined();
    expect(proposed("Event", "<h1>Talk</h1><p>In November, may be.", "https://a.example/events/talk")).toBeNull();
  });

  // Found on pages of a handbook that nobody here wrote.
  it("no more than there is", () => {
    expect(proposed("Product", "<h1>Expressions</h1><p>The match is in $0.<p>x<p>x<p>x<p>It is in stock.")).toBeNull();
    expect(proposed("Recipe", "<h1>Set up</h1><h2>What you need</h2><ul><li>A server<li>A key</ul>")).toBeNull();
    expect(proposed("Recipe", "<h1>Dough</h1><h2>What you need</h2><ul><li>500 g flour<li>2 eggs</ul>")).not.toBeNull();
    const steps = "<ol><li>a<li>b</ol>";
    expect(proposed("HowTo", `<h1>x</h1><h2>Comment les sections sont lues</h2>${steps}`)).toBeNull();
    expect(proposed("HowTo", `<h1>x</h1><h2>Comment nouer un bowline</h2>${steps}`)).not.toBeNull();
  });

  it("a date with its time", () => {
    const at = (text: string) =>
      proposed("Event", `<h1>Talk</h1><p>${text}`, "https://a.example/events/talk")?.json.startDate;
    expect(at("On 3 December 2026 at seven o’clock in the evening")).toBe("2026-12-03T19:00");
    expect(at("December 3rd, 2026, 7 pm")).toBe("2026-12-03T19:00");
    expect(at("3 December 2026")).toBe("2026-12-03");
    expect(at("some day")).toBeUndefined();
  });

  it("a recipe’s lists and time", () => {
    const recipe = proposed(
      "Recipe",
      "<h1>Stew</h1><h2>Ingredients</h2><ul><li>beef<li>onions</ul><h2>Method</h2><ol><li>Soak.<li>Cook it for forty minutes.</ol>",
    );
    expect(recipe?.json).toMatchObject({ recipeIngredient: ["beef", "onions"], cookTime: "PT40M" });
    expect(recipe?.json.recipeInstructions).toHaveLength(2);
  });

  it("days with hours", () => {
    const open = proposed(
      "LocalBusiness",
      "<h1>Hours</h1><ul><li>Tue–Fri 10:00–17:00<li>Saturday 9 am to 1 pm</ul><table><tr><td>Sunday<td>11.00-15.30</table>",
    );
    expect(
      open?.json.openingHoursSpecification.map((one: { opens: string; closes: string; dayOfWeek: string[] }) => [
        one.dayOfWeek.length,
        one.opens,
        one.closes,
      ]),
    ).toEqual([
      [4, "10:00", "17:00"],
      [1, "09:00", "13:00"],
      [1, "11:00", "15:30"],
    ]);
  });

  it("a trail, from a navigation that says so, else from the address", () => {
    const nav = proposed(
      "BreadcrumbList",
      "<h1>Lamp</h1></main><nav aria-label=Breadcrumb><a href=/>Start</a> <a href=/visit/>Visit</a></nav>",
    );
    expect(nav?.json.itemListElement.map(({ name }: { name: string }) => name)).toEqual(["Start", "Visit", "Lamp"]);
    expect(proposed("BreadcrumbList", "<h1>Lamp</h1>")?.json.itemListElement[0]).toMatchObject({
      name: "Visit",
      item: "https://a.example/visit/",
    });
  });

  it("an event with its end, place and organiser", () => {
    const event = proposed(
      "Event",
      "<h1>Talk</h1><p>On 3 December 2026, 19:00 to 21:00</p><p>Where: the saloon</p><p>Tickets £6",
      "https://a.example/events/talk",
      { own: OWN },
    );
    expect(event?.json).toMatchObject({
      startDate: "2026-12-03T19:00",
      endDate: "2026-12-03T21:00",
      location: { "@type": "Place", name: "the saloon" },
      organizer: { name: "Harbour Museum" },
      offers: { price: "6.00", priceCurrency: "GBP" },
    });
    const days = proposed("Event", "<h1>Fair</h1><p>3–5 December 2026", "https://a.example/events/fair");
    expect(days?.json).toMatchObject({ startDate: "2026-12-03", endDate: "2026-12-05" });
  });

  it("a recipe’s labelled times and how many it serves", () => {
    const recipe = proposed(
      "Recipe",
      "<h1>Stew</h1><p>Prep time: 20 minutes</p><dl><dt>Cooking time<dd>1½ hours</dl><p>Serves 4 people.</p><h2>Ingredients</h2><ul><li>beef<li>onions</ul>",
    );
    expect(recipe?.json).toMatchObject({ prepTime: "PT20M", cookTime: "PT1H30M", recipeYield: "4 people" });
  });

  it("steps under a heading that says how", () => {
    const body =
      "<h1>Knots</h1><h2>How to tie a bowline</h2><p>It takes two minutes.</p><h3>The steps</h3><ol><li>Loop.<li>Pull.</ol>";
    expect(proposed("HowTo", body)).toMatchObject({
      found: "2 steps, under “The steps”",
      json: { name: "How to tie a bowline", totalTime: "PT2M", step: [{ text: "Loop." }, { text: "Pull." }] },
    });
    expect(proposed("HowTo", body.replace("<ol>", "<ul>").replace("</ol>", "</ul>"))).toBeNull();
    expect(proposed("HowTo", "<h1>How to get here</h1><p>By boat.")).toBeNull();
  });

  it("an article with its dates, author and kind", () => {
    const article = proposed(
      "BlogPosting",
      "<h1>The gale</h1><p>Published 2 May 2026 by Odile Marchbank</p><p>Updated 9 May 2026</p><p>It blew.",
      "https://a.example/blog/gale",
      { own: OWN },
    );
    expect(article?.json).toMatchObject({
      headline: "The gale",
      datePublished: "2026-05-02",
      dateModified: "2026-05-09",
      author: { "@type": "Person", name: "Odile Marchbank" },
      publisher: { name: "Harbour Museum" },
    });
    const stated = proposed("Article", "<h1>The gale</h1><p>It blew.", "https://a.example/ship/gale", {
      head: '<meta property="article:published_time" content="2026-05-02"><meta name="author" content="Odile Marchbank">',
    });
    expect(stated?.json).toMatchObject({ datePublished: "2026-05-02", author: { name: "Odile Marchbank" } });
    expect(proposed("Article", "<h1>The gale</h1><p>On 2 May 2026 it blew.", "https://a.example/ship/gale")).toBeNull();
  });

  it("a video, by its element or a frame that says so", () => {
    expect(
      proposed(
        "VideoObject",
        '<h1>Lamp</h1><h2>The lamp turning</h2><video poster="/p.jpg"><source src="/lamp.mp4"></video>',
      )?.json,
    ).toMatchObject({
      name: "The lamp turning",
      thumbnailUrl: "https://a.example/p.jpg",
      contentUrl: "https://a.example/lamp.mp4",
    });
    expect(
      proposed("VideoObject", '<h1>Lamp</h1><iframe title="Video: the lamp" src="https://v.example/1"></iframe>')?.json,
    ).toMatchObject({ name: "Video: the lamp", embedUrl: "https://v.example/1" });
    expect(proposed("VideoObject", '<h1>Lamp</h1><iframe title="Map" src="https://m.example/"></iframe>')).toBeNull();
  });

  it("whoever runs the site, as the house style has it or the home page shows it", () => {
    const home = "https://a.example/";
    expect(proposed("Organization", "<h1>Welcome</h1>", home, { own: OWN })?.json).toEqual({
      "@type": "Organization",
      "@id": "https://a.example/#organization",
      name: "Harbour Museum",
      url: home,
      logo: "https://a.example/logo.svg",
      address: "East Quay, Harbourtown",
      sameAs: "https://people.example/harbour",
    });
    const shown = proposed(
      "Organization",
      '<img src="/logo.svg" alt="Harbour Museum logo"><h1>Welcome</h1><a rel="me" href="https://people.example/h">us</a>',
      home,
    );
    expect(shown?.json).toMatchObject({
      name: "Harbour Museum",
      logo: "https://a.example/logo.svg",
      sameAs: ["https://people.example/h"],
    });
    expect(proposed("Organization", "<h1>Welcome</h1>", home)).toBeNull();
    expect(proposed("Organization", "<h1>Lamp</h1>", "https://a.example/lamp", { own: OWN })).toBeNull();
  });

  it("a person below people, with a line that says what they do", () => {
    const person = proposed(
      "ProfilePage",
      "<h1>Odile Marchbank</h1><p>Keeper of the lamp</p><p>She has kept it for ten years.",
      "https://a.example/people/odile",
    );
    expect(person?.json.mainEntity).toEqual({
      "@type": "Person",
      name: "Odile Marchbank",
      jobTitle: "Keeper of the lamp",
    });
    expect(proposed("ProfilePage", "<h1>Odile Marchbank</h1>", "https://a.example/ship/odile")).toBeNull();
    for (const h1 of ["our keepers", "Our Keepers", "Meet The Crew"])
      expect(proposed("ProfilePage", `<h1>${h1}</h1>`, "https://a.example/people/all")).toBeNull();
  });

  it("a job with what is paid, its place and by when to apply", () => {
    const job = proposed(
      "JobPosting",
      "<h1>Deckhand</h1><p>Posted 2 November 2026</p><p>Location: East Quay, Harbourtown</p><p>£12.90 an hour, part-time.</p><p>Apply by 30 November 2026.",
      "https://a.example/jobs/deckhand",
      { own: OWN },
    );
    expect(job?.json).toMatchObject({
      title: "Deckhand",
      datePosted: "2026-11-02",
      validThrough: "2026-11-30",
      employmentType: "PART_TIME",
      jobLocation: { "@type": "Place", address: "East Quay, Harbourtown" },
      hiringOrganization: { name: "Harbour Museum" },
      baseSalary: { currency: "GBP", value: { value: 12.9, unitText: "HOUR" } },
    });
    expect(proposed("JobPosting", "<h1>Jobs</h1><p>Part-time", "https://a.example/jobs/")).toBeNull();
    expect(proposed("JobPosting", "<h1>Deckhand</h1><p>Paint.", "https://a.example/jobs/deckhand")).toBeNull();
  });

  it("a list whose items are links to pages of the site", () => {
    const body =
      "<h1>Ship</h1><h2>Parts</h2><ul><li><a href=/lamp>The lamp</a> of 1936<li><a href=/fog>Fog signal</a><li><a href=/crew>Crew</a></ul>";
    expect(proposed("ItemList", body)?.json).toMatchObject({
      name: "Parts",
      itemListElement: [
        { position: 1, name: "The lamp", url: "https://a.example/lamp" },
        { position: 2, name: "Fog signal" },
        { position: 3, name: "Crew" },
      ],
    });
    expect(proposed("ItemList", body.replace("<a href=/crew>Crew</a>", "Crew"))).toBeNull();
    expect(proposed("ItemList", body.replace("href=/crew", "href=https://b.example/crew"))).toBeNull();
    expect(proposed("ItemList", `<nav>${body}</nav>`)).toBeNull();
  });

  it("the address and telephone of a place that is open", () => {
    const open = (body: string, own: SiteOrganisation | null = null) =>
      proposed("LocalBusiness", `<h1>Hours</h1><p>Daily 10–5</p>${body}`, undefined, { own })?.json;
    expect(open("<address>East Quay</address><p>Telephone 01632 960 117")).toMatchObject({
      address: "East Quay",
      telephone: "01632 960 117",
      name: "Museum",
    });
    // What the house style holds is said where the page shows it.
    expect(open("<p>We lie at East Quay, Harbourtown.", OWN)).toMatchObject({
      name: "Harbour Museum",
      address: "East Quay, Harbourtown",
    });
    expect(open("<p>We lie somewhere.", OWN).address).toBeUndefined();
  });

  it("nothing of a page that cannot be read, and ties values to their words", () => {
    expect(proposalsFor({ ...page("<h1>Lamp</h1>"), fault: "binary" })).toEqual([]);
    const event = proposed("Event", "<h1>Talk</h1><h2>When</h2><p>On 3 December 2026", "https://a.example/events/talk");
    expect(event?.evidence.find(({ pointer }) => pointer === "/startDate")).toMatchObject({
      exact: "3 December 2026",
      heading: "When",
    });
  });
});
