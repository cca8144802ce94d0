package jomble.core.piece;

import java.time.LocalDate;

/**
 * What is to be done with a piece that is altered, repaired, cleaned, stored or parted with. Each part may be null: not given.
 *
 * @param what such as "shorten by 3 cm"
 * @param where who does it, or where it goes
 * @param by the day it is to be done by
 * @param cost what it costs, or what is got for it when it is parted with
 */
public record Errand(String what, String where, LocalDate by, Money cost) {}
