package jomble.core.counting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import jomble.core.judgement.Verdict;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;

/** Adds up combinations: in all, per piece and per pair. */
final class Tally {
    private final CountQuestion question;
    private final List<SlotPair> crossings;
    private final long[] perOption;
    /** For each group of uncounted pieces that no rule can tell apart, the places its first piece can take. */
    private final List<List<Option>> alike = new ArrayList<>();

    private final Map<PieceId, Integer> groupOf = new LinkedHashMap<>();
    private final long[] completedBy;
    private final Options options;
    private final Predicate<Option> inert;
    private final List<Map<Option, Map<Option, long[]>>> crossed = new ArrayList<>();
    private final Map<Searches, Reach> reaches = new IdentityHashMap<>();
    private long works;
    private long daring;

    /** @param effect what rules can see of an option, as a value */
    Tally(
            CountQuestion question,
            Options options,
            List<SlotPair> crossings,
            Function<Option, Object> effect,
            Predicate<Option> inert) {
        this.question = question;
        this.crossings = crossings;
        this.options = options;
        this.inert = options.all().stream().filter(inert).collect(Collectors.toSet())::contains;
        this.perOption = new long[options.all().size()];
        crossings.forEach(pair -> crossed.add(new LinkedHashMap<>()));
        Map<List<Object>, Integer> groups = new HashMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (!counted && !piece.roles().isEmpty() && question.completions()) {
                List<Option> places = options.all().stream()
                        .filter(o -> o.contains(piece.id()))
                        .toList();
                List<Object> likeness = isNamed(piece) ? List.of(places) : key(places, effect);
                int group = groups.computeIfAbsent(likeness, key -> {
                    alike.add(places);
                    return alike.size() - 1;
                });
                groupOf.put(piece.id(), group);
            }
        }
        this.completedBy = new long[alike.size()];
    }

    /** A piece that an approval names is like no other. */
    private boolean isNamed(Piece piece) {
        return question.contexts().stream()
                .flatMap(context -> context.overrides().approvedOutfits().stream())
                .anyMatch(ruling -> ruling.pieces().contains(piece.id()));
    }

    /** Two pieces with one place each, alike in every rule's eyes, complete the same combinations. */
    private static List<Object> key(List<Option> places, Function<Option, Object> effect) {
        return places.size() > 1 ? List.of(places) : List.of(places.get(0).slot(), effect.apply(places.get(0)));
    }

    /** @return whether the combination counts */
    boolean add(Option[] combination, Verdict verdict, Searches searches) {
        if (verdict == Verdict.WORKS) {
            works++;
        } else {
            daring++;
        }
        if (verdict == Verdict.DARING && !question.includeDaring()) {
            return false;
        }
        for (Option option : combination) {
            if (option != null) {
                perOption[option.index()]++;
            }
        }
        for (int i = 0; i < crossings.size(); i++) {
            Option a = combination[crossings.get(i).first().ordinal()];
            Option b = combination[crossings.get(i).second().ordinal()];
            if (a != null && b != null) {
                crossed.get(i).computeIfAbsent(a, o -> new LinkedHashMap<>()).computeIfAbsent(b, o -> new long[1])[0]++;
            }
        }
        complete(combination, searches);
        return true;
    }

    /** Credits each uncounted piece that can complete the combination; pieces alike in every rule's eyes at once. */
    private void complete(Option[] combination, Searches searches) {
        if (alike.isEmpty()) {
            return;
        }
        if (searches.isApproved(combination, null) && !counts(searches.verdictByTheRules(combination, null))) {
            completeTheApproved(combination, searches);
            return;
        }
        Reach reached = reaches.computeIfAbsent(
                searches, s -> new Reach(s.fillings(), looked(s), options.all().size(), question.includeDaring()));
        searches.reach(combination, reached);
        for (int i = 0; i < alike.size(); i++) {
            boolean found = reached.isMet(i);
            for (Option option : alike.get(i)) {
                found = found
                        || searches.isApproved(combination, option)
                        || (!searches.fillings().fills(option) && completes(option, combination, searches));
            }
            completedBy[i] += found ? 1 : 0;
        }
    }

    /** Of a combination that works only as it was approved, the pieces it was approved with. */
    private void completeTheApproved(Option[] combination, Searches searches) {
        for (int i = 0; i < alike.size(); i++) {
            boolean found = alike.get(i).stream().anyMatch(option -> searches.isApproved(combination, option));
            completedBy[i] += found ? 1 : 0;
        }
    }

    private boolean counts(Verdict verdict) {
        return verdict == Verdict.WORKS || verdict == Verdict.DARING && question.includeDaring();
    }

    /** Of each group the options in slots that are filled. */
    private List<List<Option>> looked(Searches searches) {
        return alike.stream()
                .map(group -> group.stream()
                        .filter(option -> searches.fillings().fills(option))
                        .toList())
                .toList();
    }

    private boolean completes(Option option, Option[] combination, Searches searches) {
        if (inert.test(option)) {
            return true;
        }
        return counts(searches.verdict(combination, option));
    }

    /** For each crossing asked for, how often two options met. */
    List<Map<Option, Map<Option, long[]>>> crossed() {
        return crossed;
    }

    private long completions(PieceId id) {
        Integer group = groupOf.get(id);
        return group == null ? 0 : completedBy[group];
    }

    Counts counts(BigInteger paper, DarkShare dark, List<NeverTogether> never) {
        boolean shoes = question.contexts().get(0).wantsShoes();
        Map<PieceId, Long> perPiece = new TreeMap<>();
        for (Piece piece : question.pieces()) {
            boolean counted = piece.roles().stream().anyMatch(question.counted()::has);
            if (counted || question.completions()) {
                perPiece.put(piece.id(), completions(piece.id()));
            }
        }
        for (Option option : options.all()) {
            option.ids().forEach(id -> perPiece.computeIfPresent(id, (i, n) -> n + perOption[option.index()]));
        }
        List<PieceId> orphans = question.pieces().stream()
                .filter(piece -> perPiece.getOrDefault(piece.id(), 1L) == 0
                        && !piece.roles().isEmpty())
                .map(Piece::id)
                .sorted()
                .toList();
        Map<SlotPair, List<Crossing>> perPair = new LinkedHashMap<>();
        for (int i = 0; i < crossings.size(); i++) {
            List<Crossing> cells = new ArrayList<>();
            crossed.get(i)
                    .forEach((a, row) -> row.forEach((b, n) -> cells.add(new Crossing(
                            a.pieces().get(0).id(), b.pieces().get(0).id(), n[0]))));
            perPair.put(crossings.get(i), cells);
        }
        long total = question.includeDaring() ? works + daring : works;
        return new Counts(total, daring, paper, perPiece, perPair, dark, options.missing(shoes), orphans, never);
    }
}
