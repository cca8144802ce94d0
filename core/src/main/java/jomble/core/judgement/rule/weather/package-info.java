/** Season and weather: cloths of one season, warmth, heat, cold, rain. */
package jomble.core.judgement.rule.weather;
