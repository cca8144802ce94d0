package jomble.core.counting.remaining;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class DiagramTest {
    private final Diagram diagram = new Diagram();

    @Test
    void nodesOfTwoLevelsAreTwoThoughTheirChildrenAreEqual() {
        int[] children = {Diagram.WORKS, Diagram.NO, Diagram.DARING};
        int first = diagram.node(0, children);
        int second = diagram.node(1, children);
        assertThat(diagram.level(first)).isZero();
        assertThat(diagram.level(second)).isEqualTo(1);
        assertThat(diagram.node(0, children)).isEqualTo(first);
        assertThat(diagram.choices(first)).isEqualTo(3);
    }

    @Test
    void keepsTheBetterVerdictOfEveryCombination() {
        int one = diagram.node(0, new int[] {Diagram.WORKS, Diagram.NO, Diagram.DARING});
        int other = diagram.node(0, new int[] {Diagram.DARING, Diagram.DARING, Diagram.NO});
        int best = diagram.better(one, other);
        assertThat(diagram.works().get(best)).isEqualTo(1);
        assertThat(diagram.daring().get(best)).isEqualTo(2);
        assertThat(diagram.better(other, one)).isEqualTo(best);
        assertThat(diagram.better(best, Diagram.NO)).isEqualTo(best);
        assertThat(diagram.node(0, new int[] {Diagram.NO, Diagram.NO})).isEqualTo(Diagram.NO);
    }
}
