package jomble.core.brief;

/**
 * How many different outfits the client wants for an occasion in a season before one comes again, where a stylist set it.
 *
 * @param outfits 0 to 100
 */
public record Need(String occasion, String season, int outfits) {}
