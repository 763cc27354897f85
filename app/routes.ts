import { index, type RouteConfig, route } from "@react-router/dev/routes";
import { PAGE_SCREENS, SCREENS } from "./screens.ts";

export default [
  index("routes/start.tsx"),
  route("bring-in", "routes/bring-in.tsx"),
  route("sites/:site", "routes/site.tsx", [
    ...[...SCREENS, ...PAGE_SCREENS].map(({ path, module }) => route(path, module)),
  ]),
  route("fetch", "routes/fetch.ts"),
  route("validate", "routes/validate.ts"),
  route("large-site.zip", "routes/large-site.ts"),
  route("demo-site.zip", "routes/demo-site.ts"),
] satisfies RouteConfig;
