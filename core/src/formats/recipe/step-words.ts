/** What steps call the meat of a dish; to be set between word boundaries. */
export const MEAT =
  "(?:meat|beef|lamb|mutton|goat|pork|veal|chicken|bird|ribs?|shanks?|joint|roast|shoulder|brisket|pieces|cheeks|oxtails?)";
export const STRAINS = /\b(?:strain|sieve)\w*\b/i;
