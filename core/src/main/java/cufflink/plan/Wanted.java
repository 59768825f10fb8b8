package cufflink.plan;

import cufflink.design.DesignDefinition;
import cufflink.design.PartDefinition;
import cufflink.design.PartAdding;
import cufflink.design.PartExpansion;
import cufflink.design.PartPlace;
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

    /** Without an added part, without those that sit on it or lie in it, and without what was set for them. */
    Wanted without(String part) {
        Wanted fewer = new Wanted(base, List.of(), base, wish, set, envelope);
        Map<String, String> left = new LinkedHashMap<>(set);
        for (PartDefinition other : added) {
            if (other.name().equals(part) || !PartAdding.hasPlace(fewer.design, PartPlace.of(other))) {
                left.keySet().removeIf(measure -> measure.startsWith(other.name() + "."));
            } else {
                fewer = fewer.with(other);
            }
        }
        return fewer.with(left);
    }
}
