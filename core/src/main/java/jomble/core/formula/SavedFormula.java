package jomble.core.formula;

/**
 * A formula with a name: one a stylist has kept, or one that is shipped.
 *
 * @param id unique among the formulas of a client
 */
public record SavedFormula(String id, String name, Formula formula) {}
