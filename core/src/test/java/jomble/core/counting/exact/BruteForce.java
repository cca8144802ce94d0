package jomble.core.counting.exact;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jomble.core.counting.CountQuestion;
import jomble.core.judgement.Judge;
import jomble.core.judgement.Judgement;
import jomble.core.judgement.Verdict;
import jomble.core.judgement.rule.Catalogue;
import jomble.core.outfit.Outfit;
import jomble.core.outfit.Reading;
import jomble.core.outfit.Structure;
import jomble.core.outfit.Worn;
import jomble.core.piece.Piece;
import jomble.core.piece.SetKind;
import jomble.core.piece.Slot;

/**
 * Counts the slow and obvious way: every assignment of pieces to slots, each judged by the judge.
 *
 * <p>Shares nothing with the counter but the rules. A combination's verdict is the best over the fillings of the uncounted
 * slots that are filled, over the contexts, and over the finishes.
 */
final class BruteForce {
    private final CountQuestion question;
    private final List<Judge> judges;
    /** From the counted slots of a combination to its best verdict. */
    private final Map<String, Verdict> verdicts = new TreeMap<>();
    /** The same by the form the combination takes. */
    private final Map<Structure, Map<String, Verdict>> byStructure = new EnumMap<>(Structure.class);
    /** For each piece in an uncounted slot, the combinations it completes, with the best verdict. */
    private final Map<String, Map<String, Verdict>> completed = new HashMap<>();

    BruteForce(CountQuestion question) {
        this.question = question;
        this.judges = question.contexts().stream()
                .map(context -> new Judge(Catalogue.standard(), context))
                .toList();
        assign(0, new ArrayList<>());
    }

    private void assign(int ordinal, List<Worn> worn) {
        if (ordinal == Slot.values().length) {
            judge(worn);
            return;
        }
        Slot slot = Slot.values()[ordinal];
        assign(ordinal + 1, worn);
        for (List<Piece> option : options(slot)) {
            boolean free = option.stream()
                    .noneMatch(piece -> worn.stream().anyMatch(w -> w.pieces().contains(piece)));
            if (free) {
                worn.add(Worn.of(slot, option));
                assign(ordinal + 1, worn);
                worn.remove(worn.size() - 1);
            }
        }
    }

    private List<List<Piece>> options(Slot slot) {
        if (!question.counted().has(slot) && !question.counted().fills(slot)) {
            return List.of();
        }
        List<List<Piece>> options = new ArrayList<>();
        List<Piece> able = question.pieces().stream()
                .filter(piece -> piece.roles().contains(slot))
                .toList();
        able.forEach(piece -> options.add(List.of(piece)));
        if (slot == Slot.JEWELLERY) {
            Map<String, SetKind> kinds = question.contexts().get(0).setKinds();
            able.stream()
                    .filter(piece -> piece.setId() != null && kinds.get(piece.setId()) == SetKind.JEWELLERY)
                    .collect(Collectors.groupingBy(Piece::setId))
                    .values()
                    .stream()
                    .filter(set -> set.size() > 1)
                    .forEach(options::add);
        }
        return options;
    }

    private void judge(List<Worn> worn) {
        if (worn.isEmpty() || !Reading.counts(worn)) {
            return;
        }
        Verdict best = Verdict.NO;
        for (Judge judge : judges) {
            Judgement judgement = judge.best(Outfit.of(worn));
            best = judgement.verdict().compareTo(best) < 0 ? judgement.verdict() : best;
        }
        if (best == Verdict.NO) {
            return;
        }
        Verdict verdict = best;
        String key = worn.stream()
                .filter(w -> question.counted().has(w.slot()))
                .map(w -> w.slot().id() + "="
                        + w.pieces().stream().map(p -> p.id().value()).collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
        verdicts.merge(key, verdict, BruteForce::better);
        byStructure.computeIfAbsent(structure(worn), form -> new TreeMap<>()).merge(key, verdict, BruteForce::better);
        worn.stream()
                .filter(w -> !question.counted().has(w.slot()))
                .forEach(w -> completed
                        .computeIfAbsent(w.piece().id().value(), id -> new HashMap<>())
                        .merge(key, verdict, BruteForce::better));
    }

    private static Structure structure(List<Worn> worn) {
        Set<Slot> slots = worn.stream().map(Worn::slot).collect(Collectors.toSet());
        if (slots.contains(Slot.DRAPE)) {
            return slots.contains(Slot.UNDERSKIRT) ? Structure.DRAPED_OVER_UNDERSKIRT : Structure.DRAPED_OVER_SKIRT;
        }
        return slots.contains(Slot.ONEPIECE) ? Structure.ONE_PIECE : Structure.SEPARATES;
    }

    private static Verdict better(Verdict a, Verdict b) {
        return a.compareTo(b) < 0 ? a : b;
    }

    private boolean counts(Verdict verdict) {
        return verdict == Verdict.WORKS || (verdict == Verdict.DARING && question.includeDaring());
    }

    long total() {
        return verdicts.values().stream().filter(this::counts).count();
    }

    long daring() {
        return verdicts.values().stream().filter(v -> v == Verdict.DARING).count();
    }

    /** How many combinations take a form with a verdict. */
    long perStructure(Structure structure, Verdict verdict) {
        return byStructure.getOrDefault(structure, Map.of()).values().stream()
                .filter(one -> one == verdict)
                .count();
    }

    /** Picks of one piece for each mandatory slot of a structure that some combination holds; the mandatory slots are counted. */
    long picksThatWork(boolean withShoes) {
        long picks = 0;
        for (Structure structure : byStructure.keySet()) {
            Set<String> mandatory =
                    structure.mandatory(withShoes).stream().map(Slot::id).collect(Collectors.toSet());
            picks += byStructure.get(structure).entrySet().stream()
                    .filter(one -> counts(one.getValue()))
                    .map(one -> Stream.of(one.getKey().split(" "))
                            .filter(part -> mandatory.contains(part.substring(0, part.indexOf('='))))
                            .toList())
                    .distinct()
                    .count();
        }
        return picks;
    }

    /** All picks of one piece for each mandatory slot that the structure can hold there, no piece twice. */
    long picks(boolean withShoes) {
        long picks = 0;
        for (Structure structure : Structure.values()) {
            List<Set<Piece>> some = List.of(Set.of());
            for (Slot slot : structure.mandatory(withShoes)) {
                List<Set<Piece>> more = new ArrayList<>();
                for (Set<Piece> before : some) {
                    question.pieces().stream()
                            .filter(piece -> piece.roles().contains(slot)
                                    && structure.takes(slot, piece)
                                    && !before.contains(piece))
                            .forEach(piece -> {
                                Set<Piece> next = new HashSet<>(before);
                                next.add(piece);
                                more.add(next);
                            });
                }
                some = more;
            }
            picks += some.size();
        }
        return picks;
    }

    long perPiece(Piece piece) {
        if (piece.roles().stream().noneMatch(question.counted()::has)) {
            return completed.getOrDefault(piece.id().value(), Map.of()).values().stream()
                    .filter(this::counts)
                    .count();
        }
        return counting(key -> pieceOf(key, piece.id().value()));
    }

    /** How many other pieces are in a combination with this one, or in one it completes. */
    int reach(Piece piece) {
        boolean filled = piece.roles().stream().noneMatch(question.counted()::has);
        String id = piece.id().value();
        Map<String, Verdict> among = filled ? completed.getOrDefault(id, Map.of()) : verdicts;
        Set<String> met = new HashSet<>();
        among.forEach((key, verdict) -> {
            List<String> words = List.of(key.split("[ =+]"));
            if (counts(verdict) && (filled || words.contains(id))) {
                question.pieces().stream()
                        .map(other -> other.id().value())
                        .filter(words::contains)
                        .forEach(met::add);
            }
        });
        met.remove(id);
        return met.size();
    }

    long perPair(Slot first, Piece a, Slot second, Piece b) {
        String one = first.id() + "=" + a.id();
        String other = second.id() + "=" + b.id();
        return counting(key -> List.of(key.split(" ")).containsAll(List.of(one, other)));
    }

    private long counting(Predicate<String> test) {
        return verdicts.entrySet().stream()
                .filter(e -> counts(e.getValue()) && test.test(e.getKey()))
                .count();
    }

    private static boolean pieceOf(String key, String id) {
        return List.of(key.split("[ =+]")).contains(id);
    }

    Map<String, Verdict> verdicts() {
        return verdicts;
    }
}
