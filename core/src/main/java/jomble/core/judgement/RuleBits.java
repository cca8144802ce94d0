package jomble.core.judgement;

/**
 * Where a rule stands in the masks that findings are added up in.
 *
 * @param place in the catalogue
 * @param fault the bit of its minor and major findings; 0 for a rule that only stops or only credits
 * @param credit the bit of its credits, among credits; 0 for a rule that has none
 */
public record RuleBits(Rule rule, int place, long fault, long credit) {
    /**
     * The bit of a finding that costs points.
     *
     * @throws IllegalStateException of a rule that declares to have no such findings
     */
    public long ofFault() {
        return declared(fault, "fault");
    }

    /**
     * The bit of a credit.
     *
     * @throws IllegalStateException of a rule that declares to have no credits
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
