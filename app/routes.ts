import { index, type RouteConfig, route } from "@react-router/dev/routes";

export default [
  index("routes/start.tsx"),
  route("bring-in", "routes/bring-in.tsx"),
  route("sites/:site", "routes/site.tsx", [
    route("pages", "routes/pages.tsx"),
    route("pages/:page", "routes/desk.tsx"),
    route("pages/:page/data", "routes/data.tsx"),
    route("site-data", "routes/site-data.tsx"),
    route("headings", "routes/headings.tsx"),
    route("pictures", "routes/pictures.tsx"),
    route("html", "routes/html.tsx"),
    route("house-style", "routes/house-style.tsx"),
  ]),
  route("fetch", "routes/fetch.ts"),
  route("validate", "routes/validate.ts"),
  route("large-site.zip", "routes/large-site.ts"),
  route("demo-site.zip", "routes/demo-site.ts"),
] satisfies RouteConfig;
