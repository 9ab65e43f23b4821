/**
 * Metres in an inch and kilograms in an avoirdupois pound, as agreed in 1959; the US liquid gallon is 231 cubic
 * inches, and its parts go by halves (NIST Handbook 44, appendix C).
 */
export const INCH_M = 0.0254;
export const FOOT_M = 0.3048;
export const POUND_KG = 0.45359237;
/** Pounds to a square inch, as US cookers are marked. */
export const PSI_KPA = 6.894757;
export const OUNCE_KG = POUND_KG / 16;
export const US_GALLON_L = 3.785411784;
export const US_QUART_L = US_GALLON_L / 4;
export const US_PINT_L = US_GALLON_L / 8;
export const US_CUP_L = US_GALLON_L / 16;
export const US_FLUID_OUNCE_L = US_GALLON_L / 128;
export const US_TABLESPOON_L = US_GALLON_L / 256;
export const US_TEASPOON_L = US_GALLON_L / 768;
