import { fileURLToPath } from "node:url";
import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "vite";

/** Its version for documents does not run in workers. */
const references = fileURLToPath(import.meta.resolve("decode-named-character-reference"));

export default defineConfig({
  resolve: { alias: { "decode-named-character-reference": references } },
  plugins: [tailwindcss(), reactRouter()],
  worker: { format: "es" },
  // Fonts stay files: the policy lets no `data:` fonts through.
  build: { target: "es2022", assetsInlineLimit: 0 },
});
