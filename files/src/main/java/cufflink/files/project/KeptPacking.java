package cufflink.files.project;

import cufflink.packing.PackWishes;
import cufflink.plan.Project;
import java.util.List;

/**
 * How a job is packed, and how far that is.
 *
 * @param kits  1 to {@value cufflink.plan.Project#MOST_COPIES}
 * @param byKit kit by kit, otherwise station by station
 * @param at    how many steps are done
 */
public record KeptPacking(int kits, boolean scored, List<String> names, boolean directions, boolean byKit, int at) {
    public KeptPacking {
        names = List.copyOf(names);
        if (kits < 1 || kits > Project.MOST_COPIES || at < 0) {
            throw new IllegalArgumentException("no packing of " + kits + " kits, at " + at);
        }
    }

    /** So many kits, loose, with directions, station by station. */
    public static KeptPacking of(int kits) {
        return new KeptPacking(kits, false, List.of(), true, false, 0);
    }

    public KeptPacking withKits(int value) {
        return new KeptPacking(value, scored, names.size() == value ? names : List.of(), directions, byKit, 0);
    }

    public KeptPacking withScored(boolean value) {
        return new KeptPacking(kits, value, names, directions, byKit, at);
    }

    /** For these; as many kits as there are names, unless there are none. */
    public KeptPacking withNames(List<String> value) {
        return new KeptPacking(value.isEmpty() ? kits : value.size(), scored, value, directions, byKit, 0);
    }

    public KeptPacking withDirections(boolean value) {
        return new KeptPacking(kits, scored, names, value, byKit, 0);
    }

    public KeptPacking withByKit(boolean value) {
        return new KeptPacking(kits, scored, names, directions, value, 0);
    }

    public KeptPacking at(int value) {
        return new KeptPacking(kits, scored, names, directions, byKit, value);
    }

    /** As the planner takes it. */
    public PackWishes wishes() {
        return new PackWishes(kits, scored, names, directions);
    }
}
