import { ingredientById, isIngredientId } from "./catalogue";

/** Stands before the name of what is in no catalogue, where a pot's contents are listed by id. */
const OWN = "own: ";

/** How a pot's contents list an ingredient of the kitchen's own. */
export const ownContent = (name: string): string => `${OWN}${name}`.slice(0, 80);
export const isOwnContent = (id: string): boolean => id.startsWith(OWN);

/** The name of what is in a pot, by how its contents list it. */
export const contentName = (id: string): string =>
  isOwnContent(id) ? id.slice(OWN.length) : isIngredientId(id) ? ingredientById(id).name : id;
