package cufflink.directions.match;

import cufflink.design.DesignDefinition;
import cufflink.design.DesignSizer;
import cufflink.design.Given;
import cufflink.design.SizedDesign;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** A design worked out for some measures, and how it changes with them. */
final class Shape {
    private final Given given;
    private final SizedDesign sized;
    private final Map<String, DesignPiece> pieces = new LinkedHashMap<>();
    private Gradient gradient;

    private Shape(Given given, SizedDesign sized) {
        this.given = given;
        this.sized = sized;
        sized.pieces().forEach(piece -> pieces.put(piece.id(), DesignPiece.of(piece)));
    }

    /** Absent if the design cannot be made so. */
    static Optional<Shape> of(DesignDefinition design, Given given) {
        return DesignSizer.size(design, given).value().map(sized -> new Shape(given, sized));
    }

    Given given() {
        return given;
    }

    SizedDesign sized() {
        return sized;
    }

    Map<String, DesignPiece> pieces() {
        return pieces;
    }

    /** Worked out when it is asked for first. */
    synchronized Gradient gradient() {
        if (gradient == null) {
            gradient = Gradient.of(this);
        }
        return gradient;
    }
}
