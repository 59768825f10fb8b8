package cufflink.plan;

import cufflink.design.DesignDefinition;
import cufflink.fit.Wish;
import cufflink.paper.NamedSize;
import cufflink.problem.Ordered;
import java.util.Map;
import java.util.Optional;

/**
 * What is to be made.
 *
 * @param set      measures set by hand, as typed, with units
 * @param envelope the one it is to go into
 */
public record Wanted(DesignDefinition design, Wish wish, Map<String, String> set, Optional<NamedSize> envelope) {
    public Wanted {
        set = Ordered.map(set);
    }

    Wanted with(Wish value) {
        return new Wanted(design, value, set, envelope);
    }

    Wanted with(Map<String, String> value) {
        return new Wanted(design, wish, value, envelope);
    }

    Wanted with(Optional<NamedSize> value) {
        return new Wanted(design, wish, set, value);
    }
}
