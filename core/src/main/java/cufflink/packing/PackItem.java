package cufflink.packing;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.paper.SheetSize;
import java.util.Optional;

/**
 * Something that goes into every kit.
 *
 * @param id      unique in a packing
 * @param project of which project
 * @param label   what it is; what only a number tells apart has one name
 * @param perKit  how many go into a kit
 * @param size    of paper
 * @param length  of ribbon
 * @param paper   what it is cut from, as {@link cufflink.plan.PlanPapers#material} has it; empty if from none
 */
public record PackItem(String id, String project, Station station, String label, int perKit, Optional<SheetSize> size,
        Optional<Length> length, String paper) {
    /** What it is, with its size: {@code Base, 4 1/4 × 11 in}. */
    public String text(LengthFormat format) {
        return label + size.map(sides -> ", " + format.size(sides.width(), sides.height())).orElse("")
                + length.map(one -> ", " + format.text(one)).orElse("");
    }

    /** How many must be left when so many kits are packed. */
    public int left(int kits, int packed) {
        return perKit * (kits - packed);
    }
}
