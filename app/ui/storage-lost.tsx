import { useStorageLost } from "../store/lost";

/** Stands above everything once nothing is kept any more, and covers nothing: what is on the screen is to be copied. */
export function StorageLost() {
  const lost = useStorageLost();
  if (!lost) return null;
  return (
    <div role="alert" className="sticky top-0 z-50 border-red border-b-4 bg-sheet px-6 py-4 shadow-lg">
      <p className="font-medium text-15">{lost.heading}</p>
      <p className="mt-1 max-w-[80ch]">{lost.message}</p>
      <button type="button" onClick={() => location.reload()} className="mt-2 text-blue underline">
        Reload
      </button>
    </div>
  );
}
