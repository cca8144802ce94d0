package jomble.core.judgement;

import java.util.List;
import jomble.core.piece.Word;

/** A question on which good stylists disagree, with its possible schools; the first is the default. */
public enum SchoolSwitch implements Word {
    TAILORING("measured", "strict", "free"),
    METALS("matched", "mixed"),
    LEATHERS("related", "free"),
    PALETTE("neutral-led", "colour-led", "free"),
    ONE_COLOUR("textured", "welcome", "avoided"),
    ALL_BLACK("textured", "welcome", "avoided"),
    TUCKING_AT_WORK("tucked", "relaxed"),
    PRINTS_AT_WORK("restrained", "free"),
    FORMALITY_MIX("even", "high-low"),
    TOPS_SHARE("top-led", "even", "free"),
    ONE_PIECES("separates-led", "one-piece-friendly"),
    CAPSULE_SIZE("clothes-and-shoes", "clothes", "everything"),
    BLACK_WITH_DARK("fine-if-different", "avoided");

    private final List<String> schools;

    SchoolSwitch(String... schools) {
        this.schools = List.of(schools);
    }

    public List<String> schools() {
        return schools;
    }

    public String usual() {
        return schools.get(0);
    }
}
