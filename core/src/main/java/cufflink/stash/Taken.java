package cufflink.stash;

import java.util.Collection;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * Sheets and ribbons of a job's cutting that are out of the stash.
 *
 * @param sheets  of the cutting, from 0
 * @param strands by the id of their kind in the cutting
 */
public record Taken(Set<Integer> sheets, Set<String> strands) {
    public static final Taken NOTHING = new Taken(Set.of(), Set.of());

    public Taken {
        sheets = Collections.unmodifiableSet(new TreeSet<>(sheets));
        strands = Collections.unmodifiableSet(new TreeSet<>(strands));
    }

    /** Sheets alone. */
    public static Taken ofSheets(Collection<Integer> sheets) {
        return new Taken(new TreeSet<>(sheets), Set.of());
    }

    public boolean isEmpty() {
        return sheets.isEmpty() && strands.isEmpty();
    }

    /** Whether all of another is in this one. */
    public boolean containsAll(Taken other) {
        return sheets.containsAll(other.sheets) && strands.containsAll(other.strands);
    }
}
