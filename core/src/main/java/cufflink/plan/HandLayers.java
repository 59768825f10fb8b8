package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.mat.MatLayer;
import cufflink.measure.Measured;
import cufflink.words.HandWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Layers, cut to the numbers of a step, then glued on. */
final class HandLayers {
    private final HandTable table;
    private final Workings plan;
    private final RunStep step;

    HandLayers(HandTable table, RunStep step) {
        this.table = table;
        this.plan = table.plan();
        this.step = step;
    }

    void cut(List<MatLayer> layers) {
        layers.forEach(layer -> {
            table.once("cut " + layer.id(), layer.label());
            List<CutPart> parts = CutPart.of(plan.project(), plan.design(), layer);
            for (CutPart part : parts) {
                if (table.blanks(part).isEmpty()) {
                    table.fault(HandWords.NOT_THERE.of("piece", part.label(), "step", step.number()));
                }
            }
            sizes(layer, parts);
        });
    }

    /** Layers alike are told once, by the first of them. */
    private void sizes(MatLayer layer, List<CutPart> parts) {
        String first = ((StepSubject.OfLayers) step.subject()).panel() + " " + layer.layer();
        List<Reading> sizes = step.readings().stream().filter(reading -> reading.size().isPresent()
                && (reading.id().equals(first) || reading.id().startsWith(first + " part "))).toList();
        if (sizes.size() != parts.size()) {
            table.fault(HandWords.NO_NUMBER.of("what", layer.label(), "step", step.number()));
            return;
        }
        for (int i = 0; i < parts.size(); i++) {
            if (!HandTable.isNear(sizes.get(i).length().toMillimetres(), parts.get(i).width(),
                    table.slack(sizes.get(i)))
                    || !HandTable.isNear(sizes.get(i).size().get().toMillimetres(), parts.get(i).height(),
                            table.slack(sizes.get(i)))) {
                table.fault(HandWords.WRONG_SIZE.of("piece", parts.get(i).label()));
            }
        }
    }

    /** Each on the panel, or on the layer before, with the border that the step tells. */
    void mount(StepSubject.OfMounted mounted) {
        mounted.layers().forEach(layer -> {
            table.once("on " + layer.id(), layer.label());
            if (!table.isDone("cut " + layer.id())) {
                table.fault(HandWords.NOT_THERE.of("piece", layer.label(), "step", step.number()));
            }
            if (!layer.on().isWhole()) {
                table.reached(step, layer.on().on(), layer.on().face(), layer.outline());
            }
            under(mounted, layer).filter(under -> !shows(layer, under)).ifPresent(under -> elsewhere(mounted));
        });
        if (!mounted.layers().stream().allMatch(layer -> layer.on().on().equals(mounted.panel()))) {
            elsewhere(mounted);
        }
        table.paper(mounted.panel().piece(), step);
    }

    private void elsewhere(StepSubject.OfMounted mounted) {
        table.fault(HandWords.ELSEWHERE.of("what", mounted.layers().get(0).label(), "step", step.number()));
    }

    /** What a layer lies on: the panel or the whole piece, or the layer before. */
    private Optional<Polygon> under(StepSubject.OfMounted mounted, MatLayer layer) {
        CreasePattern pattern = plan.pieces().get(layer.on().on().piece()).pattern();
        return layer.layer() > 1
                ? mounted.layers().stream().filter(one -> one.layer() == layer.layer() - 1).findFirst()
                        .map(MatLayer::outline)
                : layer.on().isWhole() ? Optional.of(pattern.outline())
                : pattern.panel(layer.on().on().panel()).map(Panel::outline);
    }

    /** Whether the border that is told shows on every side: exactly it, or at least so much. */
    private boolean shows(MatLayer layer, Polygon under) {
        Optional<Object> border = step.told().stream().map(message -> message.arguments().get("border"))
                .filter(Objects::nonNull).findFirst();
        return border.filter(told -> told instanceof Measured measured ? isWide(layer, under, measured)
                : layer.form().outline().distance(((Polygon) under.convexHull()).getExteriorRing()) > length(
                        ((Message) told).argument("border")) - HandTable.SHARP)
                .isPresent();
    }

    private static boolean isWide(MatLayer layer, Polygon under, Measured border) {
        if (!layer.form().isUpright()) {
            return Math.abs(layer.form().outline().distance(((Polygon) under.convexHull()).getExteriorRing())
                    - length(border)) < HandTable.SHARP;
        }
        Envelope outer = under.getEnvelopeInternal();
        Envelope inner = layer.outline().getEnvelopeInternal();
        return DoubleStream.of(inner.getMinX() - outer.getMinX(), outer.getMaxX() - inner.getMaxX(),
                inner.getMinY() - outer.getMinY(), outer.getMaxY() - inner.getMaxY())
                .allMatch(side -> Math.abs(side - length(border)) < HandTable.SHARP);
    }

    private static double length(Object border) {
        return ((Measured) border).length().toMillimetres();
    }
}
