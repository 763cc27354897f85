import { defineConfig } from "vite";

// The command line for Node, and the work that its threads do; packages stay outside.
export default defineConfig({
  build: {
    ssr: true,
    outDir: "build/cli",
    target: "node20",
    emptyOutDir: true,
    rollupOptions: {
      input: { main: "cli/main.ts", "work.worker": "cli/work.worker.ts" },
      output: { entryFileNames: "[name].js", chunkFileNames: "[name]-[hash].js" },
    },
  },
});
