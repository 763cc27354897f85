import { directoryOpen, supported } from "browser-fs-access";
import { type DragEvent, useRef, useState } from "react";
import { fieldClass, MainButton } from "../ui/controls";

/** Bringing in from disk: files, a folder, or a zip of them. */
export function FromDisk({
  base,
  onBase,
  onFiles,
}: {
  base: string;
  onBase: (base: string) => void;
  onFiles: (files: File[]) => void;
}) {
  const [over, setOver] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void droppedFiles(event.dataTransfer).then(onFiles);
  };
  const openFolder = async () => {
    if (!supported) {
      folder.current?.click();
      return;
    }
    try {
      const files = await directoryOpen({ recursive: true, id: "keen-quill-pages" });
      onFiles(files.filter((file): file is File & typeof file => file instanceof File));
    } catch (error) {
      // Closing the picker is no fault.
      if (!(error instanceof DOMException && error.name === "AbortError")) throw error;
    }
  };
  return (
    <div className="grid gap-6">
      <label className="grid gap-1">
        <span className="text-15">Base address, for pages that do not state their own</span>
        <input
          className={`${fieldClass} max-w-[26.25rem]`}
          placeholder="https://www.your-site.example/"
          value={base}
          onChange={(e) => onBase(e.target.value)}
        />
      </label>
      <section
        aria-label="Files"
        onDragOver={(e) => {
          e.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
        className={`rounded border border-dashed p-10 text-center ${over ? "border-blue bg-tint" : "border-graphite"}`}
      >
        <p className="font-serif text-18">Drop HTML or Markdown files, a folder or a zip here</p>
        <p className="mt-3 flex justify-center gap-3">
          <MainButton onClick={() => picker.current?.click()}>Choose files</MainButton>
          <button
            type="button"
            onClick={() => void openFolder()}
            className="rounded border border-ink px-4 py-2 font-medium text-15"
          >
            Choose a folder
          </button>
        </p>
        <input
          ref={picker}
          type="file"
          multiple
          hidden
          aria-label="HTML files or zip"
          accept=".html,.htm,.xhtml,.md,.markdown,.gz,.zip,.png,.jpg,.jpeg,.gif,.webp,.avif,.svg,.css"
          onChange={(e) => onFiles([...(e.target.files ?? [])])}
        />
        <input
          ref={(element) => {
            folder.current = element;
            element?.setAttribute("webkitdirectory", "");
          }}
          type="file"
          multiple
          hidden
          aria-label="Folder"
          onChange={(e) => onFiles([...(e.target.files ?? [])])}
        />
      </section>
    </div>
  );
}

/** Files that were dropped, those of folders included with their paths. */
async function droppedFiles(data: DataTransfer): Promise<File[]> {
  const entries = [...data.items].flatMap((item) => item.webkitGetAsEntry() ?? []);
  if (!entries.some((entry) => entry.isDirectory)) return [...data.files];
  const files: File[] = [];
  const walk = async (entry: FileSystemEntry, path: string): Promise<void> => {
    if (entry.isFile) {
      const file = await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject));
      Object.defineProperty(file, "webkitRelativePath", { value: path + file.name });
      files.push(file);
      return;
    }
    const reader = (entry as FileSystemDirectoryEntry).createReader();
    for (;;) {
      const some = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
      if (some.length === 0) return;
      for (const one of some) await walk(one, `${path}${entry.name}/`);
    }
  };
  for (const entry of entries) await walk(entry, "");
  return files;
}
