package cufflink.plan;

import cufflink.design.Fold;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import java.util.Optional;

/**
 * One number of a step: what the maker reads on the ruler next.
 *
 * @param id      what it belongs to: a score's id, a cut's number, a layer
 * @param label   what it is
 * @param size    the second side where the number is a size
 * @param how     how it came about
 * @param fold    for scores: the crease as seen on the face that lies up
 * @param rounded whether geometry gave no division of the ruler, so that the nearest one stands here
 */
public record Reading(String id, String label, Length length, Optional<Length> size, String how, Optional<Fold> fold,
        boolean rounded) {
    public Reading(String id, String label, Length length, Optional<Length> size, String how, Optional<Fold> fold) {
        this(id, label, length, size, how, fold, false);
    }

    /** A place to mark: on the ruler, rounded where geometry forbids it. */
    static Reading mark(String id, String label, Length exact, RulerStep ruler, Optional<Fold> fold) {
        return new Reading(id, label, exact, Optional.empty(), "", fold).onRuler(ruler);
    }

    /** As it is read off a ruler: unchanged if it lies there, otherwise the nearest divisions, marked as rounded. */
    Reading onRuler(RulerStep ruler) {
        boolean there = ruler.has(length) && size.map(ruler::has).orElse(true);
        return there ? this : new Reading(id, label, ruler.nearest(length), size.map(ruler::nearest), how, fold, true);
    }

    /** The number as it is read, without its unit. */
    public String number(LengthFormat format) {
        return about() + format.number(length) + size.map(height -> " × " + format.number(height)).orElse("");
    }

    /** The number as it is read, with its unit. */
    public String text(LengthFormat format) {
        return about() + size.map(height -> format.size(length, height)).orElseGet(() -> format.text(length));
    }

    private String about() {
        return rounded ? "≈ " : "";
    }
}
