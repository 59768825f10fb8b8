package cufflink.check;

import cufflink.crease.Panel;
import cufflink.design.Fixing;
import cufflink.design.Soft;
import cufflink.measure.Length;
import cufflink.stack.ClosedStack;
import cufflink.stack.SoftWay;
import cufflink.stack.StackLayer;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Does every fixing sit in its panel? Does every soft piece lie on its panels, go through no paper, and reach in the
 * closed card and in every pose?
 */
final class SoftJudge implements Judge {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** So that what pierces paper without a hole has a place, too, millimetres. */
    private static final double HAIR = 1e-3;

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        subject.soft().forEach(soft -> judge(subject, soft, checks));
        subject.design().fixings().forEach(fixing -> beside(subject, fixing).ifPresent(checks::add));
        // Of ribbons alike, one speaks for all.
        Set<Message> said = new HashSet<>();
        checks.removeIf(check -> !said.add(check.message()));
        return checks;
    }

    private static Optional<Check> beside(CheckSubject subject, Fixing fixing) {
        Panel panel = subject.pieces().get(fixing.panel().piece()).pattern().panel(fixing.panel().panel())
                .orElseThrow();
        double x = panel.bounds().getMinX() + fixing.at().x().toMillimetres();
        double y = panel.bounds().getMinY() + fixing.at().y().toMillimetres();
        Polygon whole = FACTORY.createPolygon(panel.outline().getExteriorRing().getCoordinates());
        Geometry hole = FACTORY.createPoint(new Coordinate(x, y))
                .buffer(fixing.sizes().hole().toMillimetres() / 2 + HAIR);
        return whole.contains(hole) ? Optional.empty()
                : Optional.of(Check.bad("hardware-" + fixing.id(), Optional.empty(),
                        CheckWords.FIXING_BESIDE.of("fixing", fixing.label(), "panel", panel.label()),
                        Optional.empty()));
    }

    /** What is to lie over a ribbon that goes round the card lies outside of it. */
    private static Optional<Check> covered(CheckSubject subject, ClosedStack stack, Soft soft) {
        List<StackLayer> layers = stack.layers();
        List<Integer> band = IntStream.range(0, layers.size())
                .filter(i -> layers.get(i).kind() == StackLayer.Kind.SOFT && layers.get(i).panel().isEmpty()
                        && layers.get(i).label().equals(soft.label()))
                .boxed().toList();
        return soft.wind().stream().flatMap(wind -> wind.under().stream())
                .filter(panel -> IntStream.range(0, layers.size())
                        .anyMatch(i -> layers.get(i).kind() == StackLayer.Kind.PANEL
                                && layers.get(i).panel().filter(panel::equals).isPresent() && i > band.get(0)
                                && i < band.get(band.size() - 1)))
                .findFirst()
                .map(panel -> Check.bad("soft-" + soft.id() + "-covered", Optional.empty(),
                        CheckWords.SOFT_NOT_COVERED.of("soft", soft.label(), "panel",
                                subject.assembly(panel.piece()).panel(panel).label()),
                        Optional.empty()));
    }

    private static void judge(CheckSubject subject, SoftWay way, List<Check> checks) {
        String id = "soft-" + way.soft().id();
        String label = way.soft().label();
        if (!way.beside().isEmpty()) {
            checks.add(Check.bad(id + "-beside", Optional.empty(),
                    CheckWords.SOFT_BESIDE.of("soft", label, "points", way.beside()), Optional.empty()));
        }
        if (!way.pierces().isEmpty()) {
            checks.add(Check.bad(id + "-pierces", Optional.empty(),
                    CheckWords.SOFT_PIERCES.of("soft", label, "points", way.pierces()), Optional.empty()));
        }
        Optional<SoftWay.Lie> tightest = way.lies().stream().min(Comparator.comparing(SoftWay.Lie::slack));
        Optional<SoftWay.Lie> loosest = way.lies().stream().max(Comparator.comparing(SoftWay.Lie::slack));
        if (tightest.filter(lie -> lie.slack().isNegative()).isPresent()) {
            Length lack = tightest.get().slack();
            checks.add(Check.bad(id, Optional.of(lack),
                    CheckWords.SOFT_TOO_SHORT.of("soft", label, "lack", subject.margin(lack), "state",
                            tightest.get().state(), "wanted",
                            subject.exact(subject.step().up(way.length().minus(lack)))),
                    Optional.empty()));
        } else {
            if (way.lies().isEmpty() && way.isMeasured()) {
                checks.add(Check.bad(id, Optional.empty(), CheckWords.SOFT_NOT_MEASURED.of("soft", label),
                        Optional.empty()));
            }
            subject.stack().ifPresent(stack -> covered(subject, stack, way.soft()).ifPresent(checks::add));
            loosest.ifPresent(lie -> checks.add(Check.good(id, tightest.get().slack(),
                    way.lies().size() == 1
                            ? CheckWords.SOFT_REACHES_CLOSED.of("soft", label, "length", subject.exact(way.length()))
                            : CheckWords.SOFT_REACHES.of("soft", label, "length", subject.exact(way.length()), "slack",
                                    subject.onRuler(lie.slack()), "state", lie.state()))));
        }
    }
}
