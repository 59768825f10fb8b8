package cufflink.plan;

import cufflink.crease.Openings;
import cufflink.crease.RobustOverlay;
import cufflink.design.Face;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.mat.LayerForm;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.paper.PaperRole;
import cufflink.stack.StackLayer;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Layers: cut and put together, then glued on, then cut through together with what they lie on. */
final class LayerSteps {
    /** Square millimetres below which a layer is not open. */
    private static final double SPECK = 0.5;
    /** Characters of names that a title takes. */
    private static final int SHORT = 30;
    /** Corners that are worth marking one by one; more are a curve. */
    private static final int MOST_MARKS = 13;
    /** Millimetres within which a measured length is the one on the ruler. */
    private static final double EXACT = 1e-3;

    private final RunSheet sheet;
    private final Workings plan;
    private final LengthFormat format;

    private LayerSteps(RunSheet sheet) {
        this.sheet = sheet;
        this.plan = sheet.plan();
        this.format = plan.format();
    }

    /** The layers of one panel. */
    private record Stack(SizedDesign.Mat on, List<MatLayer> layers) {
        /** Equal for panels whose layers are cut alike. */
        List<Object> size() {
            return layers.stream().<Object>map(layer -> List.of(layer.form().kind(), layer.width(), layer.height(),
                    Math.round(layer.outline().getArea()))).toList();
        }
    }

    /** The layers panel by panel, panels with layers cut alike together; or those over whole pieces. */
    private Collection<List<Stack>> stacksAlike(boolean whole) {
        Map<SizedDesign.Mat, List<MatLayer>> byPanel = plan.mats().stream().filter(mat -> mat.on().isWhole() == whole)
                .collect(Collectors.groupingBy(MatLayer::on, LinkedHashMap::new, Collectors.toList()));
        return byPanel.entrySet().stream().map(entry -> new Stack(entry.getKey(), entry.getValue()))
                .collect(Collectors.groupingBy(Stack::size, LinkedHashMap::new, Collectors.toList())).values();
    }

    private static String names(List<Stack> stacks) {
        return String.join(", ", Numbered
                .runs(stacks.stream().map(stack -> stack.on().label().toLowerCase(Locale.ROOT)).toList()));
    }

    static void cut(RunSheet sheet) {
        LayerSteps steps = new LayerSteps(sheet);
        steps.stacksAlike(false).forEach(steps::cut);
    }

    /** What lies over a whole piece is on before that is scored. */
    static void over(RunSheet sheet) {
        LayerSteps steps = new LayerSteps(sheet);
        steps.stacksAlike(true).forEach(alike -> alike.forEach(stack -> {
            steps.cut(List.of(stack));
            steps.over(stack);
        }));
    }

    private void over(Stack stack) {
        String piece = plan.design().piece(stack.on().on().piece()).label().toLowerCase(Locale.ROOT);
        List<Message> told = new ArrayList<>(List.of(StepWords.GLUE_OVER.of("layers", stack.on().label(), "face",
                stack.on().face().word(), "piece", piece, "border", border(stack.layers()))));
        stack.layers().stream().map(layer -> CutPart.of(plan.project(), plan.design(), layer))
                .filter(parts -> parts.size() > 1).findFirst()
                .ifPresent(parts -> told.add(StepWords.LAYER_PARTS.of("count", parts.size(), "widths",
                        Vocabulary.and(parts.stream().map(part -> format.text(part.width())).toList()))));
        sheet.add(StepWords.LAYERS_OVER.of("layers", stack.on().label(), "piece", piece), told,
                Optional.empty(), new StepSubject.OfMounted(stack.on().on(), stack.layers()), List.of());
    }

    private void cut(List<Stack> alike) {
        List<MatLayer> layers = alike.get(0).layers();
        List<Reading> readings = new ArrayList<>();
        layers.forEach(layer -> readings.addAll(measures(layer)));
        boolean opened = layers.stream().anyMatch(layer -> !openings(layer).isEmpty());
        List<Message> told = new ArrayList<>(List.of(StepWords.STAMP_FIRST.of()));
        layers.stream().flatMap(layer -> shape(layer, alike.size() * layers.size() > 1).stream()).distinct()
                .forEach(told::add);
        if (opened) {
            told.add(StepWords.CUT_OPENING.of());
        }
        told.add(layers.size() > 1 ? StepWords.PUT_TOGETHER.of("border", border(layers))
                : (alike.size() > 1 ? StepWords.LAY_THEM_ASIDE : StepWords.LAY_ASIDE).of());
        if (alike.size() > 1) {
            told.add(StepWords.MAKE_FOR.of("count", alike.size(), "panels", names(alike)));
        }
        Message title = alike.size() > 1 && names(alike).length() > SHORT
                ? StepWords.LAYERS_ALIKE.of("count", alike.size(), "panel", names(alike.subList(0, 1)))
                : StepWords.LAYERS_FOR.of("panel", names(alike));
        sheet.add(title, told, new StepSubject.OfLayers(alike.get(0).on().on(), layers), readings,
                alike.stream().skip(1)
                        .<StepSubject>map(other -> new StepSubject.OfLayers(other.on().on(), other.layers())).toList());
    }

    /** What shows of each layer under the next, or of the panel. */
    private Object border(List<MatLayer> layers) {
        Measured reveal = Measured.of(layers.get(0).reveal(), format);
        return layers.stream().allMatch(MatLayer::isExact) ? reveal : StepWords.AT_LEAST.of("border", reveal);
    }

    /** How a layer that is no rectangle is cut. */
    private static Optional<Message> shape(MatLayer layer, boolean several) {
        return switch (layer.form().kind()) {
            case RECTANGLE -> Optional.empty();
            case TRIANGLE -> Optional.of((several ? StepWords.TRIANGLES : StepWords.TRIANGLE).of());
            case OUTLINE -> Optional.of(StepWords.OUTLINE.of());
        };
    }

    /** Size, corners and openings of a layer. */
    private List<Reading> measures(MatLayer layer) {
        String id = layer.on().on() + " " + layer.layer();
        String name = "layer " + layer.layer() + switch (layer.form().kind()) {
            case RECTANGLE -> "";
            case TRIANGLE -> ", sides at the right angle";
            case OUTLINE -> ", cut from";
        };
        List<Reading> readings = new ArrayList<>();
        List<CutPart> parts = CutPart.of(plan.project(), plan.design(), layer);
        if (parts.size() > 1) {
            for (int i = 0; i < parts.size(); i++) {
                readings.add(new Reading(id + " part " + (i + 1), name + ", part " + (i + 1), parts.get(i).width(),
                        Optional.of(parts.get(i).height()), layer.derivation(format), Optional.empty()));
            }
            return readings;
        }
        readings.add(new Reading(id, name, layer.width(), Optional.of(layer.height()), layer.derivation(format),
                Optional.empty()));
        layer.form().shape().filter(shape -> shape.getNumPoints() <= MOST_MARKS).ifPresent(shape -> {
            for (int i = 0; i + 1 < shape.getNumPoints(); i++) {
                Coordinate corner = shape.getExteriorRing().getCoordinateN(i);
                readings.add(pair(id + " corner " + (i + 1),
                        "layer " + layer.layer() + ", corner " + (i + 1) + ": from the left, top", corner.x, corner.y));
            }
        });
        readings.addAll(openings(layer));
        return readings;
    }

    /** Size and place of what is open in a layer when it is cut: in the layer's own bounds. */
    private List<Reading> openings(MatLayer layer) {
        Envelope bounds = layer.outline().getEnvelopeInternal();
        Geometry closed = RobustOverlay.difference(layer.outline().getFactory().toGeometry(bounds), layer.outline());
        for (CutOut through : Openings.through(plan.design().piece(layer.on().on().piece())).toList()) {
            closed = RobustOverlay.difference(closed, Openings.of(through));
        }
        List<Reading> readings = new ArrayList<>();
        for (CutOut cut : plan.design().piece(layer.on().on().piece()).cutOuts()) {
            Geometry open = RobustOverlay.intersection(closed,
                    Openings.of(cut).buffer(layer.reveal().times(layer.layer()).toMillimetres()));
            if (isUpright(layer) && !cut.through() && !cut.outside()
                    && RobustOverlay.intersection(Openings.of(cut), closed).getArea() > SPECK) {
                Envelope box = open.getEnvelopeInternal();
                String id = layer.on().on() + " " + layer.layer() + " " + cut.id();
                readings.add(pair(id, "layer " + layer.layer() + ", " + cut.id() + ": wide, high", box.getWidth(),
                        box.getHeight()));
                readings.add(
                        pair(id + " place", "layer " + layer.layer() + ", " + cut.id() + ": from the layer's left, top",
                                box.getMinX() - bounds.getMinX(), box.getMinY() - bounds.getMinY()));
            }
        }
        return readings;
    }

    private static boolean isUpright(MatLayer layer) {
        return layer.form().kind() == LayerForm.Kind.RECTANGLE && layer.form().isUpright();
    }

    /**
     * Two measured lengths on the ruler, millimetres; a thousandth of one is rounding of the outline, not of the ruler.
     */
    private Reading pair(String id, String label, double first, double second) {
        RulerStep ruler = plan.project().step();
        Length across = ruler.nearest(Length.nearestToMillimetres(first));
        Length down = ruler.nearest(Length.nearestToMillimetres(second));
        boolean rounded = Math.abs(across.toMillimetres() - first) > EXACT
                || Math.abs(down.toMillimetres() - second) > EXACT;
        return new Reading(id, label, across, Optional.of(down), "", Optional.empty(), rounded);
    }

    static void glue(RunSheet sheet) {
        LayerSteps steps = new LayerSteps(sheet);
        steps.glue(false);
        steps.cutThrough();
    }

    /** What covers the ends of ribbons goes on when they are fixed. */
    static void glueLast(RunSheet sheet) {
        new LayerSteps(sheet).glue(true);
    }

    private void glue(boolean last) {
        stacksAlike(false).stream()
                .map(alike -> alike.stream().filter(stack -> stack.on().last() == last).toList())
                .filter(alike -> !alike.isEmpty()).forEach(this::glue);
    }

    private void glue(List<Stack> alike) {
        Stack first = alike.get(0);
        Message title = alike.size() == 1 ? StepWords.LAYERS_ON.of("panel", first.on().label())
                : names(alike).length() > SHORT
                        ? StepWords.LAYERS_ON_ALIKE.of("count", alike.size(), "panel", names(alike.subList(0, 1)))
                : StepWords.LAYERS_ON_SEVERAL.of("panels", names(alike));
        String places = String.join(", ", places(alike));
        List<Message> told = new ArrayList<>();
        told.add(StepWords.GLUE_LAYERS.of("places", places, "border", border(first.layers())));
        if (alike.stream().anyMatch(stack -> !plan.design().piece(stack.on().on().piece()).lines().isEmpty())) {
            told.add(StepWords.KEEP_OFF_SCORES.of());
        }
        alike.stream().flatMap(stack -> patternTop(stack).stream()).distinct().forEach(told::add);
        sheet.add(title, told, new StepSubject.OfMounted(first.on().on(), first.layers()), List.of(),
                alike.stream().skip(1)
                        .<StepSubject>map(other -> new StepSubject.OfMounted(other.on().on(), other.layers()))
                        .toList());
    }

    /** Where each goes; panels that their layers are called after are told together. */
    private List<String> places(List<Stack> alike) {
        Map<Face, List<String>> called = new LinkedHashMap<>();
        Map<List<Object>, List<Stack>> others = new LinkedHashMap<>();
        for (Stack stack : alike) {
            if (stack.on().label().equalsIgnoreCase(panel(stack))) {
                called.computeIfAbsent(stack.on().face(), face -> new ArrayList<>()).add(panel(stack));
            } else {
                others.computeIfAbsent(List.of(Numbered.without(stack.on().label()), Numbered.without(panel(stack)),
                        stack.on().face()), key -> new ArrayList<>()).add(stack);
            }
        }
        List<String> places = new ArrayList<>();
        others.values().forEach(counted -> places.addAll(counted(counted)));
        called.forEach((face, panels) -> places.add(StepWords.LAYER_PLACES.of("face", face.word(), "panels",
                Vocabulary.and(Numbered.runsWithArticles(panels))).sentence()));
        return places;
    }

    /** Those that are counted as their panels are in one; otherwise each by itself. */
    private List<String> counted(List<Stack> stacks) {
        List<String> labels = Numbered.runs(stacks.stream().map(stack -> stack.on().label()).toList());
        List<String> panels = Numbered.runs(stacks.stream().map(this::panel).distinct().toList());
        return labels.size() == 1 && panels.size() == 1 ? List.of(place(labels.get(0), stacks.get(0), panels.get(0)))
                : stacks.stream().map(stack -> place(stack.on().label(), stack, panel(stack))).toList();
    }

    private static String place(String label, Stack stack, String panel) {
        return StepWords.LAYER_PLACE.of("label", label, "face", stack.on().face().word(), "panel", panel).sentence();
    }

    private String panel(Stack stack) {
        return plan.pieces().get(stack.on().on().piece()).pattern().panel(stack.on().on().panel())
                .map(panel -> panel.label()).orElse(stack.on().on().panel());
    }

    /** What is cut when the layers are on, through both. */
    private void cutThrough() {
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            List<CutOut> through = Openings.through(piece).filter(cut -> isLayered(piece, cut)).toList();
            if (!through.isEmpty()) {
                String what = through.stream().map(CutOut::id).collect(Collectors.joining(", "));
                sheet.add(StepWords.THROUGH_BOTH.of("piece", piece.label(), "what", what),
                        PunchSteps.told(StepWords.CUT_THROUGH.of("what", what), through),
                        Optional.of(StepWords.KNIFE.of()),
                        new StepSubject.OfPiece(piece.id()), PunchReadings.of(piece, through, List.of(), format));
            }
        }
    }

    private boolean isLayered(SizedDesign.Piece piece, CutOut cut) {
        return isLayered(plan, piece, cut);
    }

    /** Whether some layer lies where a cut-out will be. */
    static boolean isLayered(Workings plan, SizedDesign.Piece piece, CutOut cut) {
        Polygon shape = Openings.of(cut);
        return plan.mats().stream().filter(mat -> mat.on().on().piece().equals(piece.id()))
                .anyMatch(mat -> RobustOverlay
                        .intersection(shape, mat.outline().getFactory().toGeometry(mat.outline().getEnvelopeInternal()))
                        .getArea() > SPECK);
    }

    /**
     * Which way a pattern must point as the piece lies flat, so that it stands upright where the closed card shows it.
     */
    private Optional<Message> patternTop(Stack stack) {
        if (!plan.project().paper(PaperRole.layer(1)).directional() || stack.on().face() != Face.OUTSIDE
                || plan.stack().isEmpty()) {
            return Optional.empty();
        }
        int turned = plan.stack().get().layers().stream()
                .filter(layer -> layer.kind() == StackLayer.Kind.MAT
                        && layer.panel().filter(stack.on().on()::equals).isPresent())
                .mapToInt(StackLayer::turned).findFirst().orElse(0);
        return switch (Math.floorMod(turned - plan.design().definition().held().top(), 360)) {
            case 0 -> Optional.empty();
            case 180 -> Optional.of(StepWords.PATTERN_DOWN.of());
            default -> Optional.of(StepWords.PATTERN_SIDEWAYS.of());
        };
    }
}
