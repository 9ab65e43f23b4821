/** Dependencies point one way: the applications to core, and inside core down the list of folders. */
const CORE = [
  "units",
  "water",
  "vessel",
  "ingredient",
  "heat",
  "cool",
  "doneness",
  "liquid",
  "heats",
  "extraction",
  "prepare",
  "seasoning",
  "simulate",
  "schedule",
  "convert",
  "forecast",
  "dish",
  "portion",
  "safety",
  "events",
  "batch",
  "learn",
  "compare",
  "larder",
  "logbook",
  "instruments",
  "formats",
  "because",
  "clock",
];
/** Pairs within the upper half that read each other's plain data, one way only. */
const mayNot = CORE.flatMap((folder, i) => {
  const later = CORE.slice(i + 1);
  return later.length === 0
    ? []
    : [
        {
          name: `core-${folder}-imports-up`,
          severity: "error",
          from: { path: `^core/src/${folder}/`, pathNot: "\\.test\\.ts$" },
          to: { path: `^core/src/(${later.join("|")})/` },
        },
      ];
});

module.exports = {
  forbidden: [
    { name: "no-cycles", severity: "error", from: {}, to: { circular: true } },
    ...mayNot,
    {
      name: "a-place-imports-no-other",
      comment: "What two places share stands in words/, controls/, drawings/ or data/.",
      severity: "error",
      from: { path: "^web/src/places/([^/]+)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^web/src/places/", pathNot: "^web/src/places/$1/" },
    },
    {
      name: "words-know-no-screen",
      severity: "error",
      from: { path: "^web/src/words/", pathNot: "\\.test\\.ts$" },
      to: { path: "^web/src/(places|frame|controls|drawings|data|workers)/" },
    },
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: "^core/src/" },
      to: {
        path: "(^(web|server|e2e|scripts)/)|node_modules/(vue|pinia|dexie|element-plus|express)/",
      },
    },
    {
      name: "core-has-no-node",
      severity: "error",
      from: { path: "^core/src/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "places-stand-apart-from-server",
      severity: "error",
      from: { path: "^web/" },
      to: { path: "^(server|e2e|scripts)/" },
    },
    {
      name: "drawings-only-draw",
      severity: "error",
      from: { path: "^web/src/drawings/" },
      to: { path: "^web/src/(places|data|frame)/" },
    },
    // Modules that a build plugin makes are nowhere on the disk.
    {
      name: "resolvable",
      severity: "error",
      from: {},
      to: { couldNotResolve: true, pathNot: "^virtual:" },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.base.json" },
    doNotFollow: { path: "node_modules" },
    exclude: { path: "^web/dist" },
    enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "types"] },
  },
};
