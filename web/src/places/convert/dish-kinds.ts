/** What a hurried cook has in hand, by what it is cooked as. */
export const DISH_KINDS: readonly { readonly id: string; readonly name: string }[] = [
  { id: "beefChuck", name: "Beef, stewing" },
  { id: "beefShank", name: "Beef shank" },
  { id: "beefBrisket", name: "Brisket" },
  { id: "lambShoulder", name: "Lamb shoulder" },
  { id: "muttonShoulder", name: "Mutton" },
  { id: "goatShoulder", name: "Goat shoulder" },
  { id: "porkShoulder", name: "Pork shoulder" },
  { id: "chickenThigh", name: "Chicken thighs" },
  { id: "deerDice", name: "Deer, diced" },
  { id: "mincedBeef", name: "Mince" },
  { id: "lambNeck", name: "Lamb neck, for broth" },
  { id: "porkTrotter", name: "Pork trotters, for stock" },
  { id: "chickpea", name: "Chickpeas, soaked" },
  { id: "whiteBean", name: "White beans, soaked" },
  { id: "brownLentil", name: "Lentils" },
];
