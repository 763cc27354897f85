import { ImageOff } from "lucide-react";
import type { ShownFile } from "../store/files";

/** A picture that was brought in, shown small in a frame of one height; an empty frame where it was not. */
export function Thumbnail({ file, small = false }: { file: ShownFile | undefined; small?: boolean }) {
  const frame = small ? "h-12 w-16" : "mb-1.5 h-[88px] w-full";
  if (!file)
    return (
      <span
        title="The file was not brought in"
        className={`grid ${frame} place-items-center border border-hairline text-graphite`}
      >
        <ImageOff size={16} aria-hidden />
      </span>
    );
  // On white in dark too, as pages show it: what is dark on a ground that one sees through would be lost.
  return <img src={file.url} alt="" className={`${frame} border border-hairline bg-[white] object-contain`} />;
}
