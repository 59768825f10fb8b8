package cufflink.check;

import cufflink.crease.Openings;
import cufflink.crease.RobustOverlay;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.GluePatch;
import cufflink.fold.Join;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Does every glued-on part lie on its panel, clear of openings, with enough paper on paper to hold? */
final class PartsJudge implements Judge {
    /**
     * Of a part that may stand out and is glued all round, this much must lie on the panel; of one that hangs, half of
     * the edges that take glue (rules of the thumb, no published source).
     */
    private static final double LEAST_SHARE = 0.15;
    private static final double LEAST_EDGE = 0.5;
    /** Square millimetres that may stand out, or cover an opening, by rounding. */
    private static final double SPECK = 0.5;

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        int parts = 0;
        for (Glue glue : subject.design().glue()) {
            Optional<Join> join = subject.assembly().joins().stream()
                    .filter(candidate -> candidate.id().equals(glue.id())).findFirst();
            if (glue.way() == Way.GLUE && glue.at().isPresent() && join.isPresent()) {
                parts++;
                judge(subject, glue, GluePatch.of(subject.assembly(), join.get(), glue)).ifPresent(checks::add);
            }
        }
        if (checks.isEmpty() && parts > 0) {
            checks.add(Check.good("parts", parts == 1 ? "The glued part lies where it holds."
                    : "All " + parts + " glued parts lie where they hold."));
        }
        return checks;
    }

    private static Optional<Check> judge(CheckSubject subject, Glue glue, GluePatch patch) {
        String part = "The " + subject.assembly().panel(glue.part()).label();
        String host = "the " + subject.assembly().panel(glue.onto()).label();
        double dry = patch.dry().stream().mapToDouble(Geometry::getArea).sum();
        boolean hangs = glue.edges().glued().size() < Side.values().length;
        double share = hangs ? patch.strips().stream().mapToDouble(GluePatch.Strip::share).average().orElse(1)
                : 1 - dry / patch.part().getArea();
        if (dry > SPECK && !glue.edges().overhang()) {
            Polygon panel = subject.assembly().panel(glue.onto()).outline();
            double beyond = patch.dry().stream().flatMap(piece -> List.of(piece.getCoordinates()).stream())
                    .mapToDouble(corner -> panel.getFactory().createPoint(corner).distance(panel)).max().orElse(0);
            Length by = Length.nearestToMillimetres(beyond);
            return Optional.of(Check.bad("part-" + glue.id(), Optional.of(Length.ZERO.minus(by)),
                    part + " does not lie on " + host + ": " + subject.onRuler(by)
                            + " of it stand out past an edge or over a crease.",
                    "Make it smaller, or " + host.toLowerCase(Locale.ROOT) + " larger.", Optional.empty()));
        } else if (glue.edges().overhang() && share < (hangs ? LEAST_EDGE : LEAST_SHARE)) {
            return Optional.of(Check.bad("part-" + glue.id(), Optional.empty(),
                    "Only " + Math.round(share * 100) + " % of " + (hangs ? "the glued edge of " : "")
                            + part.toLowerCase(Locale.ROOT) + " lies on " + host + "; it does not hold.",
                    "Move it further onto the panel, or make it smaller.", Optional.empty()));
        }
        boolean covers = Openings.all(subject.design().piece(glue.onto().piece()))
                .anyMatch(opening -> RobustOverlay.intersection(opening, patch.part()).getArea() > SPECK);
        return covers && !glue.edges().overhang()
                ? Optional.of(Check.bad("part-" + glue.id(), Optional.empty(),
                        part + " lies over an opening or a slot of " + host + ".", "Make it smaller, or move it.",
                        Optional.empty()))
                : Optional.empty();
    }
}
