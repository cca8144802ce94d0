package jomble.core.judgement;

import java.util.EnumMap;
import java.util.Map;

/** The school followed on every question; the default unless chosen. */
public record Schools(Map<SchoolSwitch, String> chosen) {
    public static final Schools USUAL = new Schools(Map.of());

    public Schools {
        chosen.forEach((question, school) -> {
            if (!question.schools().contains(school)) {
                throw new IllegalArgumentException(question.id() + " has no school " + school);
            }
        });
        Map<SchoolSwitch, String> copy = new EnumMap<>(SchoolSwitch.class);
        copy.putAll(chosen);
        chosen = copy;
    }

    public String of(SchoolSwitch question) {
        return chosen.getOrDefault(question, question.usual());
    }

    public boolean holds(SchoolSwitch question, String school) {
        return of(question).equals(school);
    }
}
