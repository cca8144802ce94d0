/**
 * Queries on the set of all combinations that work, without visiting them one by one: what still fits, which outfits
 * are the fewest changes away, which looks are most different, how many match a formula.
 *
 * <p>A {@link jomble.core.counting.query.SolutionSet} is a layered graph. A path from a dressed body through one choice
 * for each further slot is a combination that works, and every such combination is a path. Giving each changed slot a
 * cost of 1 turns the fewest changes into a shortest path; what still fits are the choices on paths of cost 0.
 */
package jomble.core.counting.query;
