import { defineConfig } from "vite";

// The command line as one file for Node; packages stay outside.
export default defineConfig({
  build: {
    ssr: "cli/main.ts",
    outDir: "build/cli",
    target: "node20",
    emptyOutDir: true,
    rollupOptions: { output: { entryFileNames: "main.js" } },
  },
});
