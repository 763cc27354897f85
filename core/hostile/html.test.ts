import { describe } from "vitest";
import { testEach } from "./testing.ts";

describe("no small page in HTML, and no fields, takes long, or throws", () =>
  testEach(({ kind }) => kind !== "markdown"));
