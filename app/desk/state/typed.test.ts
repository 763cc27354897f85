import { describe, expect, it } from "vitest";
import { changedFields, Typed } from "./typed";

/** Storage whose answers come when they are let go. */
function storage(first: Record<string, string>) {
  let stored = new Map(Object.entries(first));
  const reads: (() => void)[] = [];
  const typed = new Typed<string>(new Map(stored), () => {
    const seen = new Map(stored);
    return new Promise((resolve) => reads.push(() => resolve(seen)));
  });
  return {
    typed,
    seen: () => Object.fromEntries(typed.view()),
    /** Somebody writes. */
    write(fields: Record<string, string | null>) {
      stored = new Map(stored);
      for (const [name, value] of Object.entries(fields)) {
        if (value === null) stored.delete(name);
        else stored.set(name, value);
      }
    },
    /** The oldest reading that waits is answered with what was stored when it began. */
    async answer() {
      reads.shift()?.();
      await new Promise((resolve) => setTimeout(resolve));
    },
    waiting: () => reads.length,
  };
}

const fields = (values: Record<string, string | null>) => new Map(Object.entries(values));

/** A promise and what resolves it. */
function later() {
  let resolve = () => {};
  let reject = () => {};
  const promise = new Promise<void>((yes, no) => {
    resolve = yes;
    reject = () => no(new Error("full"));
  });
  const settled = async (end: () => void) => {
    end();
    await new Promise((done) => setTimeout(done));
  };
  return { promise, resolve: () => settled(resolve), reject: () => settled(reject) };
}

describe("what is typed", () => {
  it("is seen at once, and is not taken back by what was read before it was kept", async () => {
    const { typed, seen, write, answer } = storage({ title: "Lamp" });
    typed.refresh();
    const writing = later();
    typed.change(fields({ title: "Lamps" }), writing.promise);
    expect(seen()).toEqual({ title: "Lamps" });
    await answer();
    expect(seen()).toEqual({ title: "Lamps" });
    write({ title: "Lamps" });
    await writing.resolve();
    await answer();
    expect(seen()).toEqual({ title: "Lamps" });
  });

  it("stands beside what somebody else writes in other fields meanwhile", async () => {
    const { typed, seen, write, answer } = storage({ title: "Lamp", description: "One." });
    const writing = later();
    typed.change(fields({ title: "Lamps" }), writing.promise);
    write({ description: "Two." });
    typed.refresh();
    await answer();
    expect(seen()).toEqual({ title: "Lamps", description: "Two." });
  });

  it("takes nothing back that arrived from elsewhere after it was drawn", async () => {
    const { typed, seen, write, answer } = storage({ title: "Lam", slug: "lamp" });
    const drawn = typed.view();
    write({ title: "Lamp", slug: null, kind: "article" });
    typed.refresh();
    await answer();
    // A key that was pressed on what was drawn: all the fields as they were then, with one more.
    const next = new Map(drawn).set("description", "A");
    const fields = changedFields(drawn, next);
    expect(fields).toEqual(new Map([["description", "A"]]));
    typed.change(fields, later().promise);
    expect(seen()).toEqual({ title: "Lamp", kind: "article", description: "A" });
  });

  it.each([
    [{ a: "1" }, { a: "1" }, {}],
    [{ a: "1" }, { a: "2", b: "3" }, { a: "2", b: "3" }],
    [{ a: "1", b: "2" }, { b: "2" }, { a: null }],
    [{}, {}, {}],
  ])("changes of %j what makes it %j", (drawn, next, changed) => {
    expect(
      Object.fromEntries(changedFields(fields(drawn) as Map<string, string>, fields(next) as Map<string, string>)),
    ).toEqual(changed);
  });

  it("gives way to what was written after it, even where that is what stood there before", async () => {
    const { typed, seen, write, answer } = storage({ title: "Lamp" });
    const writing = later();
    typed.change(fields({ title: "Lamps" }), writing.promise);
    // Kept, and undone at once.
    write({ title: "Lamps" });
    write({ title: "Lamp" });
    await writing.resolve();
    await answer();
    expect(seen()).toEqual({ title: "Lamp" });
  });

  it("is not taken back by a reading that began before the newest of it was kept", async () => {
    const { typed, seen, write, answer } = storage({ title: "" });
    const first = later();
    const second = later();
    typed.change(fields({ title: "a" }), first.promise);
    typed.change(fields({ title: "ab" }), second.promise);
    write({ title: "a" });
    await first.resolve();
    await answer();
    expect(seen()).toEqual({ title: "ab" });
    write({ title: "ab" });
    await second.resolve();
    await answer();
    expect(seen()).toEqual({ title: "ab" });
  });

  it("stays where it could not be kept", async () => {
    const { typed, seen, answer } = storage({ title: "Lamp" });
    const writing = later();
    typed.change(fields({ title: "Lamps" }), writing.promise);
    await writing.reject();
    typed.refresh();
    await answer();
    expect(seen()).toEqual({ title: "Lamps" });
  });

  it("is taken away at once, and comes back where somebody else puts it there", async () => {
    const { typed, seen, write, answer } = storage({ title: "Lamp", slug: "lamp" });
    const writing = later();
    typed.change(fields({ slug: null }), writing.promise);
    expect(seen()).toEqual({ title: "Lamp" });
    write({ slug: null });
    await writing.resolve();
    write({ slug: "lamps" });
    await answer();
    typed.refresh();
    await answer();
    expect(seen()).toEqual({ title: "Lamp", slug: "lamps" });
  });
});

it("shows the same map while nothing changes, and tells whoever listens when something does", async () => {
  const { typed, write, answer } = storage({ title: "Lamp" });
  let told = 0;
  const end = typed.subscribe(() => told++);
  const before = typed.view();
  typed.refresh();
  await answer();
  expect([typed.view() === before, told]).toEqual([true, 0]);
  write({ title: "Lamps" });
  typed.refresh();
  await answer();
  expect(told).toBe(1);
  end();
  write({ title: "Lamp" });
  typed.refresh();
  await answer();
  expect(told).toBe(1);
});

it("reads one after the other, however often it is asked to", async () => {
  const { typed, seen, write, answer, waiting } = storage({ title: "a" });
  typed.refresh();
  write({ title: "b" });
  typed.refresh();
  typed.refresh();
  expect(waiting()).toBe(1);
  await answer();
  expect(waiting()).toBe(1);
  await answer();
  expect([seen(), waiting()]).toEqual([{ title: "b" }, 0]);
});
