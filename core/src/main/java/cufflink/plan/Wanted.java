package cufflink.plan;

import cufflink.design.DesignDefinition;
import cufflink.design.Ornament;
import cufflink.design.PartAdding;
import cufflink.design.PartDefinition;
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
 * @param base      the design without what the maker added
 * @param added     parts that the maker added, in their order
 * @param ornaments that the maker added, the lowest first
 * @param design    with these worked in
 * @param wish      what it is fitted to
 * @param set       measures set by hand, as typed
 * @param envelope  that it is to go into
 */
public record Wanted(DesignDefinition base, List<PartDefinition> added, List<Ornament> ornaments,
        DesignDefinition design, Wish wish, Map<String, String> set, Optional<NamedSize> envelope) {
    public Wanted {
        added = List.copyOf(added);
        ornaments = List.copyOf(ornaments);
        set = Ordered.map(set);
    }

    /** A design with the maker's parts. */
    public static Wanted of(DesignDefinition base, List<PartDefinition> added, Wish wish, Map<String, String> set,
            Optional<NamedSize> envelope) {
        return new Wanted(base, added, List.of(), PartExpansion.of(base, added), wish, set, envelope);
    }

    Wanted with(Wish value) {
        return new Wanted(base, added, ornaments, design, value, set, envelope);
    }

    Wanted with(Map<String, String> value) {
        return new Wanted(base, added, ornaments, design, wish, value, envelope);
    }

    Wanted with(Optional<NamedSize> value) {
        return new Wanted(base, added, ornaments, design, wish, set, value);
    }

    /** With one more part that the maker adds. */
    public Wanted with(PartDefinition part) {
        List<PartDefinition> more = new ArrayList<>(added);
        more.add(part);
        return new Wanted(base, more, ornaments, PartExpansion.of(design, List.of(part)), wish, set, envelope);
    }

    /** With other ornaments that the maker added. */
    public Wanted withOrnaments(List<Ornament> value) {
        return new Wanted(base, added, value, design.adorned(ornaments, value), wish, set, envelope);
    }

    /** Without an added part, without what sits on it or lies in it, and without what was set for them. */
    Wanted without(String part) {
        Wanted fewer = new Wanted(base, List.of(), List.of(), base, wish, set, envelope);
        Map<String, String> left = new LinkedHashMap<>(set);
        for (PartDefinition other : added) {
            if (other.name().equals(part) || !PartAdding.hasPlace(fewer.design, PartPlace.of(other))) {
                left.keySet().removeIf(measure -> measure.startsWith(other.name() + "."));
            } else {
                fewer = fewer.with(other);
            }
        }
        DesignDefinition card = fewer.design;
        return fewer.with(left).withOrnaments(ornaments.stream()
                .filter(one -> PartAdding.hasPlace(card, new PartPlace.OnPanel(one.on(), Optional.empty()))).toList());
    }
}
