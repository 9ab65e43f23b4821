import js from "@eslint/js";
import prettier from "eslint-config-prettier";
import vue from "eslint-plugin-vue";
import globals from "globals";
import ts from "typescript-eslint";

const NODE_GLOBALS_BANNED_IN_CORE = ["process", "fetch", "Buffer", "setTimeout", "performance"];

export default ts.config(
  { ignores: ["**/dist*/**", "**/node_modules/**", "web/components.d.ts", "**/test-results/**"] },
  js.configs.recommended,
  ...ts.configs.recommendedTypeChecked,
  ...vue.configs["flat/recommended"],
  {
    languageOptions: {
      parserOptions: {
        // Each program is read once; asking the service file by file takes a third longer.
        project: ["core", "web", "server", "e2e"].map((part) => `${part}/tsconfig.json`),
        extraFileExtensions: [".vue"],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/consistent-type-imports": "error",
      // Types written one by one would bring their module along in a build, and its schemas with it.
      "@typescript-eslint/no-import-type-side-effects": "error",
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_" },
      ],
      eqeqeq: "error",
      "no-console": "off",
    },
  },
  {
    files: ["**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
    },
  },
  {
    files: ["**/*.vue"],
    languageOptions: {
      parserOptions: { parser: ts.parser },
      globals: globals.browser,
    },
    rules: {
      "vue/require-default-prop": "off",
      "vue/multi-word-component-names": "off",
    },
  },
  {
    files: ["core/src/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", ...NODE_GLOBALS_BANNED_IN_CORE, "window", "document"],
      "no-restricted-syntax": [
        "error",
        { selector: "NewExpression[callee.name='Date']", message: "Time is passed in." },
        {
          selector: "BinaryExpression[operator='**']",
          message: "Engines differ in its last digit: units/same-math.",
        },
      ],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "Randomness is seeded and passed in." },
        { object: "Date", property: "now", message: "Time is passed in." },
        ...[
          "exp",
          "expm1",
          "log",
          "log10",
          "log1p",
          "log2",
          "pow",
          "cbrt",
          "sin",
          "cos",
          "tan",
        ].map((property) => ({
          object: "Math",
          property,
          message: "Engines differ in its last digit: units/same-math.",
        })),
      ],
    },
  },
  {
    // The first modules share one file: what one of them waits for may itself wait for that file.
    files: ["web/src/**/*.{ts,vue}"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector:
            "Program > ExpressionStatement > AwaitExpression, Program > VariableDeclaration > VariableDeclarator > AwaitExpression",
          message: "Await in a function.",
        },
      ],
    },
  },
  {
    files: ["web/src/data/db.ts"],
    // Dexie declares its tables with definite assignment.
    rules: { "@typescript-eslint/no-non-null-assertion": "off" },
  },
  {
    // vue-tsc checks the types of components and Vitest awaits its tests: reading their types a second
    // time costs more than half of all linting and finds nothing there.
    files: ["**/*.vue", "**/*.test.ts"],
    extends: [ts.configs.disableTypeChecked],
    rules: { "vue/one-component-per-file": "off" },
  },
  {
    files: ["**/*.js", "**/*.mjs", "**/*.cjs", "vitest.config.ts", "web/vite.config.ts"],
    extends: [ts.configs.disableTypeChecked],
    languageOptions: { globals: globals.node },
    rules: { "@typescript-eslint/no-require-imports": "off" },
  },
  {
    files: ["**/*.test.ts", "e2e/**/*.ts", "core/test/**/*.ts"],
    rules: { "@typescript-eslint/no-non-null-assertion": "off" },
  },
  prettier,
);
