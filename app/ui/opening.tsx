/** What stands there until the screen does: all that the server draws. */
export function Opening() {
  return (
    <main className="p-8">
      <h1 className="font-serif text-24">Keen Quill</h1>
      <p className="text-ink-soft">Opening the desk…</p>
    </main>
  );
}
