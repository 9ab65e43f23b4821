declare module "subset-font" {
  /** A font with the characters of a text alone; an axis given as a number is fixed there. */
  export default function subsetFont(
    font: Buffer,
    text: string,
    options: {
      readonly targetFormat: "woff2";
      readonly variationAxes: Readonly<
        Record<string, number | { readonly min: number; readonly max: number }>
      >;
    },
  ): Promise<Buffer>;
}
