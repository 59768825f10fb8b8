package cufflink.directions.match;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The shapes of one design that were asked for: the same are asked for by text after text. */
final class Shapes {
    private final DesignDefinition design;
    private final Map<Given, Optional<Shape>> known = new ConcurrentHashMap<>();

    Shapes(DesignDefinition design) {
        this.design = design;
    }

    DesignDefinition design() {
        return design;
    }

    /** For a choice of counts and words, kept; absent if the design cannot be made so. */
    Optional<Shape> of(Given given) {
        return known.computeIfAbsent(given, choice -> Shape.of(design, choice));
    }
}
