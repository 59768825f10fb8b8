package cufflink.plan;

import cufflink.design.DesignDefinition;
import cufflink.design.PartDefinition;
import cufflink.design.PartExpansion;
import cufflink.fit.Wish;
import cufflink.paper.NamedSize;
import cufflink.problem.Ordered;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is to be made.
 *
 * @param base     the design without what the maker added
 * @param added    parts that the maker added, in their order
 * @param design   with these worked in
 * @param wish     what it is fitted to
 * @param set      measures set by hand, as typed
 * @param envelope that it is to go into
 */
public record Wanted(DesignDefinition base, List<PartDefinition> added, DesignDefinition design, Wish wish,
        Map<String, String> set, Optional<NamedSize> envelope) {
    public Wanted {
        added = List.copyOf(added);
        set = Ordered.map(set);
    }

    /** A design with the maker's parts. */
    public static Wanted of(DesignDefinition base, List<PartDefinition> added, Wish wish, Map<String, String> set,
            Optional<NamedSize> envelope) {
        return new Wanted(base, added, PartExpansion.of(base, added), wish, set, envelope);
    }

    Wanted with(Wish value) {
        return new Wanted(base, added, design, value, set, envelope);
    }

    Wanted with(Map<String, String> value) {
        return new Wanted(base, added, design, wish, value, envelope);
    }

    Wanted with(Optional<NamedSize> value) {
        return new Wanted(base, added, design, wish, set, value);
    }

    /** With one more part that the maker adds. */
    public Wanted with(PartDefinition part) {
        List<PartDefinition> more = new ArrayList<>(added);
        more.add(part);
        return new Wanted(base, more, PartExpansion.of(design, List.of(part)), wish, set, envelope);
    }

    /** Without an added part, and without what was set for it. */
    Wanted without(String part) {
        Map<String, String> left = new LinkedHashMap<>(set);
        left.keySet().removeIf(measure -> measure.startsWith(part + "."));
        return of(base, added.stream().filter(other -> !other.name().equals(part)).toList(), wish, left, envelope);
    }
}
