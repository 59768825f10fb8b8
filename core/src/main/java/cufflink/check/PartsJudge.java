package cufflink.check;

import cufflink.crease.Openings;
import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.GluePatch;
import cufflink.measure.Length;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
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
            GluePatch patch = subject.glued().get(glue.id());
            if ((glue.way() == Way.GLUE || glue.way() == Way.LATER) && glue.at().isPresent() && patch != null) {
                parts++;
                judge(subject, glue, patch).ifPresent(checks::add);
            }
        }
        if (checks.isEmpty() && parts > 0) {
            checks.add(Check.good("parts",
                    parts == 1 ? CheckWords.PART_HOLDS.of() : CheckWords.ALL_PARTS_HOLD.of("parts", parts)));
        }
        return checks;
    }

    private static Optional<Check> judge(CheckSubject subject, Glue glue, GluePatch patch) {
        Panel onto = subject.assembly(glue.onto().piece()).panel(glue.onto());
        String part = subject.assembly(glue.part().piece()).panel(glue.part()).label();
        String host = onto.label();
        double dry = patch.dry().stream().mapToDouble(Geometry::getArea).sum();
        boolean hangs = glue.edges().glued().size() < Side.values().length;
        double share = hangs ? patch.strips().stream().mapToDouble(GluePatch.Strip::share).average().orElse(1)
                : 1 - dry / patch.part().getArea();
        Length beyond = beyond(onto.outline(), patch);
        if (dry > SPECK && beyond.isPositive() && !glue.edges().overhang()) {
            return Optional.of(Check.bad("part-" + glue.id(), Optional.of(Length.ZERO.minus(beyond)),
                    CheckWords.PART_BESIDE.of("part", part, "size", size(subject, patch.part()), "host", host, "room",
                            size(subject, onto.outline()), "by", subject.onRuler(beyond)),
                    Optional.empty()));
        } else if (!glue.edges().overhang() && coversOpening(subject, glue, patch)) {
            return Optional.of(Check.bad("part-" + glue.id(), Optional.empty(),
                    CheckWords.PART_OVER_OPENING.of("part", part, "host", host), Optional.empty()));
        } else if (glue.edges().overhang() && share < (hangs ? LEAST_EDGE : LEAST_SHARE)) {
            return Optional.of(Check.bad("part-" + glue.id(), Optional.empty(),
                    (hangs ? CheckWords.EDGE_HARDLY_HELD : CheckWords.PART_HARDLY_HELD).of("share",
                            Math.round(share * 100), "part", part, "host", host),
                    Optional.empty()));
        }
        return Optional.empty();
    }

    private static String size(CheckSubject subject, Polygon outline) {
        Envelope box = outline.getEnvelopeInternal();
        return subject.format().size(subject.step().nearest(Length.nearestToMillimetres(box.getWidth())),
                subject.step().nearest(Length.nearestToMillimetres(box.getHeight())));
    }

    /** How far a part reaches past its panel; nothing where only an opening of the panel lies under it. */
    private static Length beyond(Polygon panel, GluePatch patch) {
        Polygon whole = panel.getFactory().createPolygon(panel.getExteriorRing());
        return Length.nearestToMillimetres(patch.dry().stream().flatMap(piece -> Stream.of(piece.getCoordinates()))
                .mapToDouble(corner -> whole.getFactory().createPoint(corner).distance(whole)).max().orElse(0));
    }

    private static boolean coversOpening(CheckSubject subject, Glue glue, GluePatch patch) {
        return Openings.all(subject.design().piece(glue.onto().piece()))
                .anyMatch(opening -> RobustOverlay.intersection(opening, patch.part()).getArea() > SPECK);
    }
}
