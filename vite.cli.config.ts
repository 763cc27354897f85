import { defineConfig } from "vite";

// The command line for Node, and the work that its threads do. Whole and small: looking for packages and reading them took
// longer than most commands.
export default defineConfig({
  ssr: { noExternal: true },
  build: {
    ssr: true,
    minify: true,
    outDir: "build/cli",
    target: "node20",
    emptyOutDir: true,
    rollupOptions: {
      input: { main: "cli/main.ts", "work.worker": "cli/work.worker.ts" },
      output: { entryFileNames: "[name].js", chunkFileNames: "[name]-[hash].js" },
    },
  },
});
