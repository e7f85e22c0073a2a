/** The arrows of docs/ARCHITECTURE.md: app → features → (ui, data, demo) → core, never the other way. */
const test = "\\.test\\.tsx?$|/__fixtures__/";

const only = (name, from, to, comment) => ({
  name,
  comment,
  severity: "error",
  from: { path: from, pathNot: test },
  to: { pathNot: to, dependencyTypesNot: ["type-only", "npm", "core", "npm-dev"] },
});

/** The folders of core from the bottom up: one may use those in the lines above its own, and none beside or below it. */
const CORE_ORDER = [
  ["quantity"],
  ["fluid", "lift", "thread", "turn"],
  ["fit", "model"],
  ["decide", "drive", "order", "pattern", "torque"],
  ["chest", "fastener", "joint"],
  ["work"],
  ["kit", "slip"],
  ["notes", "plan", "shop"],
  ["shelf"],
  ["day", "log", "practise"],
];
const coreRules = (folders, line) =>
  folders.map((folder) => ({
    name: `core-${folder}`,
    comment: "the folders of core have an order, types included",
    severity: "error",
    from: { path: `^core/${folder}/`, pathNot: test },
    to: {
      path: "^core/.+/",
      pathNot: [folder, ...CORE_ORDER.slice(0, line).flat()].map((below) => `^core/${below}/`),
    },
  }));

module.exports = {
  forbidden: [
    { name: "no-circular", comment: "types included", severity: "error", from: {}, to: { circular: true } },
    ...CORE_ORDER.flatMap(coreRules),
    {
      name: "pockets-apart",
      comment: "a pocket knows itself, the shell and what is shared",
      severity: "error",
      from: { path: "^features/([^/]+)/", pathNot: "^features/(?:shell|shared)/" },
      to: { path: "^features/", pathNot: ["^features/$1/", "^features/(?:shell|shared)/"] },
    },
    {
      name: "shared-below-pockets",
      severity: "error",
      from: { path: "^features/shared/" },
      to: { path: "^features/", pathNot: "^features/(?:shell|shared)/" },
    },
    {
      name: "shell-knows-no-pocket",
      severity: "error",
      from: { path: "^features/shell/" },
      to: { path: "^features/", pathNot: "^features/shell/" },
    },
    {
      name: "core-is-pure",
      comment: "core computes: it may use zod and small pure libraries, nothing else",
      severity: "error",
      from: { path: "^core/", pathNot: test },
      to: {
        pathNot: [
          "^core/",
          "^node_modules/(zod|date-fns|simple-statistics|compromise|suncalc|pure-rand|crc-32|ts-fsrs|country-to-currency)/",
        ],
      },
    },
    only("data-knows-core", "^data/", ["^data/", "^core/"], "the door to storage knows only the model"),
    only("ui-knows-core", "^ui/", ["^ui/", "^core/"], "shared pieces know no pocket and no storage"),
    only(
      "stand-ins-know-core",
      "^stand-ins/",
      ["^stand-ins/", "^core/"],
      "a stand-in hides behind the interface of the real thing",
    ),
    only(
      "workers-know-core",
      "^workers/",
      ["^workers/", "^data/", "^core/"],
      "a worker only exposes functions of core, and of data where a file is read or written",
    ),
    only("demo-knows-core", "^demo/", ["^demo/", "^core/"], "the demo is data, checked by the model"),
    only(
      "features-below-app",
      "^features/",
      ["^features/", "^ui/", "^data/", "^workers/", "^demo/", "^core/"],
      "a pocket never reaches up into the routes",
    ),
    only(
      "app-is-thin",
      "^app/(?!parts/)",
      ["^app/", "^features/", "^ui/", "^stand-ins/", "^core/model/"],
      "routes only mount screens, and put stand-ins behind a door",
    ),
    {
      name: "tests-stay-out",
      severity: "error",
      from: { pathNot: [test, "^e2e/", "^benchmarks/", "^scripts/"] },
      to: { path: [test, "^e2e/"] },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    exclude: { path: ["^\\.next"] },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
