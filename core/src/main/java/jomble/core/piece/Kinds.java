package jomble.core.piece;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The kinds a studio works with: the shipped ones, read once from their table, and its own. Immutable. */
public final class Kinds {
    private static final String TABLE = "/jomble/core/piece/kinds.txt";
    private static final String GARMENTS = "/jomble/core/climate/garment-clo.csv";
    private static final Set<String> CONSTRUCTION_PARTS = Set.of("structure", "lapel", "breasted", "pockets");
    private static final Kinds SHIPPED = new Kinds(load());

    private final Map<String, Kind> byId;
    private final Map<String, Kind> byWord;

    private Kinds(Map<String, Kind> byId) {
        this.byId = byId;
        this.byWord = byWord(byId.values());
    }

    public static Kinds shipped() {
        return SHIPPED;
    }

    /**
     * These kinds and more.
     *
     * @throws IllegalArgumentException if one has the id of a kind that is there already
     */
    public Kinds with(Collection<Kind> own) {
        if (own.isEmpty()) {
            return this;
        }
        Map<String, Kind> kinds = new LinkedHashMap<>(byId);
        for (Kind kind : own) {
            Kind before = kinds.put(kind.id(), kind);
            if (before != null && !before.equals(kind)) {
                throw new IllegalArgumentException("there is a kind " + kind.id() + " already");
            }
        }
        return new Kinds(kinds);
    }

    /**
     * The first kind with a trait.
     *
     * @throws IllegalArgumentException if there is none
     */
    public Kind first(Trait trait) {
        return byId.values().stream()
                .filter(kind -> kind.has(trait))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no kind is " + trait));
    }

    public Collection<Kind> all() {
        return byId.values();
    }

    /** The kinds that are not shipped. */
    public List<Kind> own() {
        return byId.values().stream().filter(kind -> !kind.isShipped()).toList();
    }

    public Set<String> ids() {
        return byId.keySet();
    }

    /** The kind of that id; the kebab-case of another word for it also serves. */
    public Optional<Kind> find(String id) {
        Kind kind = byId.get(id);
        return Optional.ofNullable(kind != null ? kind : byWord.get(id.replace('-', ' ')));
    }

    /** Every word or phrase for a kind, in lower case with spaces, to the kind. */
    public Map<String, Kind> words() {
        return byWord;
    }

    private static Map<String, Kind> byWord(Collection<Kind> kinds) {
        Map<String, Kind> words = new LinkedHashMap<>();
        kinds.forEach(kind -> words.put(kind.id().replace('-', ' '), kind));
        kinds.forEach(kind -> kind.alsoCalled().forEach(word -> words.putIfAbsent(word.replace('-', ' '), kind)));
        return Map.copyOf(words);
    }

    private static Map<String, Kind> load() {
        Map<String, Double> garments = new HashMap<>();
        lines(GARMENTS).stream().skip(1).forEach(line -> {
            String[] cells = line.split(",");
            garments.put(cells[0], Double.valueOf(cells[1]));
        });
        Map<String, Kind> kinds = new LinkedHashMap<>();
        for (String line : lines(TABLE)) {
            if (!line.startsWith("#") && !line.isBlank()) {
                Kind kind = parse(line, garments);
                kinds.put(kind.id(), kind);
            }
        }
        return kinds;
    }

    private static Kind parse(String line, Map<String, Double> garments) {
        String[] cells = Arrays.stream(line.split("\\|")).map(String::trim).toArray(String[]::new);
        List<String> words = cells[1].equals("-") ? List.of() : List.of(cells[1].split(", "));
        Map<Attribute<?>, Object> defaults = new HashMap<>();
        Map<String, String> construction = new HashMap<>();
        for (String pair : cells[4].split(" ")) {
            int equals = pair.indexOf('=');
            String name = pair.substring(0, equals);
            String value = pair.substring(equals + 1);
            if (CONSTRUCTION_PARTS.contains(name)) {
                construction.put(name, value);
            } else {
                Attribute<?> attribute = Attribute.find(name).orElseThrow(() -> new IllegalStateException(line));
                defaults.put(attribute, attribute.parse(name.equals("colours") ? value.replace('-', ' ') : value));
            }
        }
        if (!construction.isEmpty()) {
            defaults.put(Attribute.CONSTRUCTION, construction(construction));
        }
        Family family = Word.find(Family.class, cells[2]).orElseThrow(() -> new IllegalStateException(line));
        return Kind.shipped(cells[0], words, family, warmth(cells[3], garments), defaults, traits(cells[5], line));
    }

    private static Set<Trait> traits(String cell, String line) {
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        for (String id : cell.equals("-") ? new String[0] : cell.split(",")) {
            traits.add(Word.find(Trait.class, id).orElseThrow(() -> new IllegalStateException(line)));
        }
        return traits;
    }

    private static Construction construction(Map<String, String> parts) {
        return new Construction(
                Word.find(Structure.class, parts.getOrDefault("structure", "")).orElse(null),
                Word.find(Lapel.class, parts.getOrDefault("lapel", "")).orElse(null),
                Word.find(Breasted.class, parts.getOrDefault("breasted", "")).orElse(null),
                Word.find(Pockets.class, parts.getOrDefault("pockets", "")).orElse(null));
    }

    private static Warmth warmth(String text, Map<String, Double> garments) {
        if (Character.isDigit(text.charAt(0))) {
            return new Warmth(Double.parseDouble(text), Double.parseDouble(text));
        }
        String[] names = text.split("\\.\\.");
        Double light = garments.get(names[0]);
        Double heavy = garments.get(names[names.length - 1]);
        if (light == null || heavy == null) {
            throw new IllegalStateException("no such garment: " + text);
        }
        return new Warmth(light, heavy);
    }

    private static List<String> lines(String resource) {
        try (InputStream in = Kinds.class.getResourceAsStream(resource);
                BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return new ArrayList<>(reader.lines().toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
