package cufflink.plan;

import cufflink.design.Fold;
import cufflink.measure.Length;
import java.util.Optional;

/**
 * One number of a step: what the maker reads on the ruler next.
 *
 * @param id    what it belongs to: a score's id, a cut's number, a layer
 * @param label what it is
 * @param size  the second side where the number is a size
 * @param how   how it came about
 * @param fold  for scores: the crease as seen on the face that lies up
 */
public record Reading(String id, String label, Length length, Optional<Length> size, String how, Optional<Fold> fold) {
}
