package jomble.core.judgement;

/**
 * A rule's bits in the masks in which findings are collected.
 *
 * @param place index in the catalogue
 * @param isBeyond whether the fault's bit is in the second word of the masks
 * @param fault bit of its minor and major findings; 0 for a rule that only stops or only credits
 * @param credit bit of its credits, among credits; 0 for a rule without any
 */
public record RuleBits(Rule rule, int place, boolean isBeyond, long fault, long credit) {
    /**
     * The bit of a finding that costs points.
     *
     * @throws IllegalStateException if the rule declares no such findings
     */
    public long ofFault() {
        return declared(fault, "fault");
    }

    /**
     * The bit of a credit.
     *
     * @throws IllegalStateException if the rule declares no credits
     */
    public long ofCredit() {
        return declared(credit, "credit");
    }

    private long declared(long bit, String finding) {
        if (bit == 0) {
            throw new IllegalStateException(
                    "the rule " + rule.id() + " does not declare that it may find a " + finding);
        }
        return bit;
    }
}
