/** The layers of docs/architecture.md: imports point only down. */
module.exports = {
  forbidden: [
    {
      name: "core-stands-alone",
      severity: "error",
      from: { path: "^core/" },
      to: { path: "^(app|server|cli|demo|bench|e2e|scripts)/", pathNot: "^demo/" },
    },
    {
      name: "core-without-platform",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "core-without-interface",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$" },
      to: { path: "node_modules/(react|react-dom|react-router|dexie|radix-ui)/" },
    },
    {
      name: "server-does-not-know-the-app",
      severity: "error",
      from: { path: "^server/" },
      to: { path: "^(app|cli)/" },
    },
    {
      name: "cli-does-not-know-the-app",
      severity: "error",
      from: { path: "^cli/", pathNot: "\\.test\\.ts$" },
      // It fetches by the same code as the server.
      to: { path: "^(app|server)/", pathNot: "^server/fetch/" },
    },
    {
      name: "only-routes-know-the-server",
      severity: "error",
      from: { path: "^app/", pathNot: "^app/routes/" },
      to: { path: "^server/" },
    },
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: "node_modules|^build/" },
    exclude: { path: "\\+types" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "types", "default"] },
  },
};
