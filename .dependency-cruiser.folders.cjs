/** The folders of the core form a tree: none imports another that imports it, not even by way of others. Tests may. */
module.exports = {
  forbidden: [
    {
      name: "folders-are-a-tree",
      severity: "error",
      scope: "folder",
      from: { path: "^core/[^/]+$" },
      to: { circular: true, path: "^core/[^/]+$" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "\\.test\\.ts$" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
  },
};
