/**
 * Questions answered from the set of everything that works, without going through it outfit by outfit: what still fits, which outfits
 * are the fewest changes away, which looks are as different as can be, how many keep to a formula.
 *
 * <p>A {@link jomble.core.counting.query.SolutionSet} is a layered graph: a path from a dressed body through one choice for each further
 * slot is a combination that works, and every such combination is a path. A change is a step that leaves the outfit one came from, so
 * the fewest changes are a shortest path; what still fits are the choices some path at no cost goes through.
 */
package jomble.core.counting.query;
