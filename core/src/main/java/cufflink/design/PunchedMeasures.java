package cufflink.design;

import cufflink.design.PieceDefinition.CutOut;
import cufflink.design.PieceDefinition.CutShape;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The measures that are the size of a round hole or notch, which a punch may cut. */
public final class PunchedMeasures {
    private PunchedMeasures() {
    }

    /**
     * Those of a design that can be set, each with the number that makes it a diameter: 1 where it is one, 2 where it
     * is a radius.
     */
    public static Map<String, Integer> of(DesignDefinition design) {
        Map<String, Integer> found = new LinkedHashMap<>();
        design.pieces().forEach(piece -> piece.what().marks().cutOuts().stream().map(Occurs::what)
                .filter(cut -> cut.shape() == CutShape.CIRCLE && !cut.outside())
                .forEach(cut -> factor(cut, design, found)));
        return found;
    }

    private static void factor(CutOut cut, DesignDefinition design, Map<String, Integer> found) {
        Expression radius = cut.numbers().get(2).expression();
        if (radius instanceof Expression.Name name) {
            settable(design, name.name()).ifPresent(measure -> found.put(measure, 2));
        } else if (radius instanceof Expression.Binary half && half.operator() == Expression.Operator.OVER
                && half.left() instanceof Expression.Name name && half.right() instanceof Expression.Literal two
                && two.value().toDouble() == 2) {
            settable(design, name.name()).ifPresent(measure -> found.put(measure, 1));
        }
    }

    private static Optional<String> settable(DesignDefinition design, String name) {
        return design.measure(name).filter(Measure::canBeSet).map(Measure::name);
    }
}
