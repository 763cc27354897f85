import { describe } from "vitest";
import { testEach } from "./testing.ts";

describe("no small page in Markdown takes long, or throws", () => testEach(({ kind }) => kind === "markdown"));
