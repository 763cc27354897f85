import { describe, expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { facetsOf, type PageFacts } from "../facets/page-facets.ts";
import { LINK_GRAPH, wordsOfLink } from "./link-graph.ts";
import { Site } from "./site.ts";

const page = (id: string, path: string, source = "", known: PageFacts = {}) =>
  facetsOf(id, readPage(source || "<p>", { address: `https://quay.example${path}` }), known);
const graphOf = (...pages: ReturnType<typeof page>[]) => {
  const site = new Site(pages);
  return { site, graph: site.index(LINK_GRAPH) };
};
type Graph = ReturnType<typeof graphOf>["graph"];
const incoming = (graph: Graph, id: string) =>
  graph.incoming(id).map((link) => `${link.from.id} ${link.zone} ${wordsOfLink(link)}`);
const astray = (graph: Graph) =>
  Array.from(
    graph.astray(),
    ({ to, links, redirectsTo }) =>
      `${to} from ${links().map(({ from }) => from.id)} to ${redirectsTo?.id ?? "nowhere"}`,
  ).sort();

describe("who links to whom", () => {
  it("is known by address, whatever way a link writes it", () => {
    const { graph } = graphOf(
      page("a", "/", "<nav><a href='/lamp/'>In the menu</a></nav>"),
      page(
        "b",
        "/news/gale",
        "<main><a href='../lamp#wick'>Here</a></main><footer><a href='https://QUAY.example/lamp'>Foot</a></footer>",
      ),
      page("c", "/lamp", "<a href=/lamp>Itself</a><a href='https://other.example/lamp'>Elsewhere</a>"),
    );
    expect(incoming(graph, "c")).toEqual(["a menu In the menu", "b content Here"]);
    expect([...graph.withoutIncoming()]).toEqual(["a", "b"]);
  });

  it("counts links by way of a redirect and of the file's own address", () => {
    const { graph } = graphOf(
      page("a", "/", "<a href=/old>Old</a>"),
      page("b", "/b", "<a href=/lamp.html>File</a>"),
      page("c", "/lamp", "", { redirectedFrom: ["https://quay.example/old"], also: "https://quay.example/lamp.html" }),
    );
    expect(incoming(graph, "c").sort()).toEqual(["a content Old", "b content File"]);
    expect(astray(graph)).toEqual(["/old from a to c"]);
  });

  it("names addresses that are no page of the site, without a page's link to its own old address", () => {
    const { graph } = graphOf(
      page("a", "/", "<a href=/gone>x</a><a href=/gone>y</a>"),
      page("b", "/b", "<a href=/gone>z</a>"),
      page("c", "/c", "<a href=/was-c>me</a>", { redirectedFrom: ["https://quay.example/was-c"] }),
    );
    expect(astray(graph)).toEqual(["/gone from a,b to nowhere"]);
    expect(graph.targets()).toBe(2);
  });

  it("gives an address to the page that stands at it, before one that redirects there", () => {
    const { graph } = graphOf(
      page("a", "/a", "<a href=/lamp>x</a>"),
      page("b", "/b", "", { redirectedFrom: ["https://quay.example/lamp"] }),
      page("c", "/lamp"),
    );
    expect([incoming(graph, "b"), incoming(graph, "c")]).toEqual([[], ["a content x"]]);
    expect(graph.pageAt("quay.example/lamp")?.id).toBe("c");
  });

  it("follows pages that come, move, change and go", () => {
    const { site, graph } = graphOf(page("a", "/", "<a href=/lamp>x</a>"), page("c", "/lamp"));
    expect(incoming(graph, "c")).toHaveLength(1);
    site.put(page("c", "/light"));
    expect([incoming(graph, "c"), astray(graph)]).toEqual([[], ["/lamp from a to nowhere"]]);
    site.put(page("a", "/", "<a href=/light>x</a>"));
    expect([incoming(graph, "c").length, astray(graph), graph.targets()]).toEqual([1, [], 1]);
    site.remove("a");
    expect([incoming(graph, "c"), graph.targets(), graph.home()]).toEqual([[], 0, null]);
    site.put(page("z", "/index.html"));
    expect(graph.home()?.id).toBe("z");
  });

  it("of pages without an address of the web knows nothing", () => {
    const { graph } = graphOf(facetsOf("a", readPage("<a href=b.html>x</a>", { address: "a.html" })));
    expect([graph.targets(), astray(graph)]).toEqual([0, []]);
  });
});
