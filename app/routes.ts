import { index, type RouteConfig, route } from "@react-router/dev/routes";
import { SCREENS } from "./screens.ts";

export default [
  index("routes/start.tsx"),
  route("bring-in", "routes/bring-in.tsx"),
  route("sites/:site", "routes/site.tsx", [
    ...SCREENS.map(({ path, module }) => route(path, module)),
    route("pages/:page", "routes/desk.tsx"),
    route("pages/:page/data", "routes/data.tsx"),
  ]),
  route("fetch", "routes/fetch.ts"),
  route("validate", "routes/validate.ts"),
  route("large-site.zip", "routes/large-site.ts"),
  route("demo-site.zip", "routes/demo-site.ts"),
] satisfies RouteConfig;
