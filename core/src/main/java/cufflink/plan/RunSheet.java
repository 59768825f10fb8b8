package cufflink.plan;

import cufflink.cut.Cut;
import cufflink.cut.Placement;
import cufflink.cut.LayoutWords;
import cufflink.design.Face;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FoldStage;
import cufflink.fold.FoldedPiece;
import cufflink.fold.StackLayer;
import cufflink.mat.MatLayer;
import cufflink.mat.MatRole;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.score.ScoreSetup;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes the run sheet: cut all, score all, layers, punch, fold, glue, check. */
final class RunSheet {
    private static final String TRIMMER = "Guard down, fingers behind it; lock the blade when you leave it.";
    private static final String KNIFE = "Metal rule with a lip, fingers behind it, several light passes; cap the knife.";

    private final Plan plan;
    private final LengthFormat format;
    private final List<RunStep> steps = new ArrayList<>();

    private RunSheet(Plan plan) {
        this.plan = plan;
        this.format = plan.format();
    }

    static List<RunStep> of(Plan plan) {
        RunSheet sheet = new RunSheet(plan);
        sheet.cutting();
        sheet.scoring();
        sheet.layers();
        sheet.punching();
        sheet.folding();
        sheet.gluing();
        sheet.checking();
        return List.copyOf(sheet.steps);
    }

    private void add(Phase phase, String title, String text, String caution, StepSubject subject, List<Reading> readings) {
        steps.add(new RunStep(steps.size() + 1, phase, title, text, caution, subject, readings));
    }

    private String times() {
        return plan.project().copies() > 1 ? " Do this for each of the " + plan.project().copies() + " copies." : "";
    }

    private void cutting() {
        LayoutWords.alike(plan.layout()).forEach((layout, count) -> {
            List<Reading> readings = layout.cuts().stream().map(this::reading).toList();
            String pieces = layout.placements().stream().collect(Collectors.groupingBy(Placement::label, LinkedHashMap::new, Collectors.counting()))
                    .entrySet().stream().map(entry -> entry.getValue() + " × " + entry.getKey().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
            String sheet = layout.stock().name() + ", " + format.size(layout.stock().width(), layout.stock().height());
            String title = count > 1 ? count + " sheets of " + layout.stock().name() : layout.stock().name();
            String whole = LayoutWords.whole(layout).isEmpty() ? "" : " " + LayoutWords.whole(layout);
            String fence = layout.cuts().isEmpty() ? "" : " The fence is set " + (layout.settings() == 1 ? "once." : layout.settings() + " times.");
            String text = (count > 1 ? "Cut " + count + " sheets alike: " : "Cut ") + sheet + ". It gives " + pieces + "." + whole + fence;
            add(Phase.CUT, title, text, TRIMMER, new StepSubject.OfSheet(layout, count), readings);
        });
    }

    private Reading reading(Cut cut) {
        String along = cut.upright() ? "from the left edge" : "from the top edge";
        return new Reading("cut " + cut.number(), "cut " + cut.number() + ", fence " + along, cut.at(), Optional.empty(),
                "cut " + cut.number() + " divides a part of " + format.size(cut.width(), cut.height()) + " at " + format.text(cut.at()) + " " + along, Optional.empty());
    }

    private void scoring() {
        for (ScoreSetup setup : plan.scores()) {
            String label = plan.design().piece(setup.piece()).label();
            List<Reading> readings = setup.positions().stream().map(position -> reading(setup, position)).toList();
            String numbers = readings.stream().map(reading -> format.number(reading.length())).collect(Collectors.joining(", "));
            String text = "Left edge at the fence, " + setup.faceUp().word() + " face up"
                    + (setup.mirrored() ? ", turned over: the positions count from the other side" : "")
                    + (setup.turned() ? ", a quarter turn so that its top edge is at the left fence" : "") + "." + partial(setup) + times();
            add(Phase.SCORE, label + " at " + numbers, text, "", new StepSubject.OfScores(setup), readings);
        }
    }

    private String partial(ScoreSetup setup) {
        return setup.positions().stream().filter(position -> !position.full())
                .map(position -> " Score " + position.score() + " runs from " + format.number(position.from()) + " to " + format.text(position.to()) + " only.")
                .collect(Collectors.joining());
    }

    private Reading reading(ScoreSetup setup, ScoreSetup.Position position) {
        String how = position.derivation().map(derivation -> derivation.text(format)).orElse("");
        if (setup.mirrored() && !setup.turned()) {
            how += "; from the other side " + format.number(setup.across()) + " − that = " + format.text(position.at());
        }
        return new Reading(position.score(), position.fold().word(), position.at(), Optional.empty(), how, Optional.of(position.fold()));
    }

    /** The layers of one panel. */
    private record Stack(SizedDesign.Mat on, List<MatLayer> layers) {
        /** Equal for panels whose layers are cut alike. */
        List<Object> size() {
            return layers.stream().<Object>map(layer -> List.of(layer.width(), layer.height(), Math.round(layer.outline().getArea()))).toList();
        }
    }

    /** The layers panel by panel, panels with layers cut alike together. */
    private Collection<List<Stack>> stacksAlike() {
        Map<SizedDesign.Mat, List<MatLayer>> byPanel = plan.mats().stream().collect(Collectors.groupingBy(MatLayer::on, LinkedHashMap::new, Collectors.toList()));
        return byPanel.entrySet().stream().map(entry -> new Stack(entry.getKey(), entry.getValue()))
                .collect(Collectors.groupingBy(Stack::size, LinkedHashMap::new, Collectors.toList())).values();
    }

    private static String names(List<Stack> stacks) {
        return stacks.stream().map(stack -> stack.on().label().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }

    private void layers() {
        for (List<Stack> alike : stacksAlike()) {
            List<MatLayer> layers = alike.get(0).layers();
            List<Reading> readings = layers.stream().map(layer -> new Reading(layer.on().on() + " " + layer.layer(), "layer " + layer.layer(), layer.width(),
                    Optional.of(layer.height()), layer.derivation(format), Optional.empty())).toList();
            String text = "Stamp, emboss or write on the layers first." + (layers.size() > 1 ? " Then put them together, the largest at the bottom, "
                    + format.text(layers.get(0).reveal()) + " showing all round." : " Lay it aside for gluing.")
                    + (alike.size() > 1 ? " Make " + alike.size() + ": for " + names(alike) + "." : "") + times();
            String title = alike.size() > 1 ? alike.size() + " layers alike: " + names(alike.subList(0, 1)) + " …" : "Layers for " + names(alike);
            add(Phase.MAT, title, text, "", new StepSubject.OfLayers(alike.get(0).on().on(), layers), readings);
        }
    }

    private void punching() {
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            if (!piece.cutOuts().isEmpty() || !piece.slits().isEmpty()) {
                String what = piece.cutOuts().stream().map(cut -> cut.id()).collect(Collectors.joining(", "));
                String slits = piece.slits().stream().map(slit -> slit.id()).collect(Collectors.joining(", "));
                add(Phase.PUNCH, piece.label() + ": " + (what.isEmpty() ? slits : what), "Punch or cut with the knife before folding: "
                        + (what.isEmpty() ? slits : slits.isEmpty() ? what : what + ", " + slits) + "." + times(), KNIFE, new StepSubject.OfPiece(piece.id()),
                        PunchReadings.of(piece, format));
            }
        }
    }

    private void folding() {
        for (FoldedPiece piece : plan.pieces().values()) {
            String label = plan.design().piece(piece.pattern().piece()).label();
            for (int i = 0; i < piece.stages().size(); i++) {
                FoldStage stage = piece.stages().get(i);
                String say = stage.step().say().isEmpty() ? "Fold " + String.join(" and ", stage.step().creases()) + "." : stage.step().say();
                String burnish = i == 0 ? " Burnish each fold with the bone folder." : "";
                add(Phase.FOLD, say.replaceAll("\\.$", ""), label + ": " + say + burnish + times(), "",
                        new StepSubject.OfFold(piece.pattern().piece(), i, stage), List.of());
            }
        }
    }

    private void gluing() {
        for (List<Stack> alike : stacksAlike()) {
            Stack first = alike.get(0);
            String title = alike.size() > 1 ? alike.size() + " layers on: " + names(alike.subList(0, 1)) + " …" : first.on().label() + " layers on";
            add(Phase.GLUE, title, "Glue the layers on the " + names(alike) + ", " + first.on().face().word() + " face, " + format.text(first.layers().get(0).reveal())
                    + " showing on each side. Keep glue off the score lines." + patternTop(first) + times(), "", new StepSubject.OfLayers(first.on().on(), first.layers()), List.of());
        }
        plan.design().glue().forEach(this::joining);
    }

    private void joining(Glue glue) {
        String edges = glue.edges().isEmpty() ? "" : " Glue along: " + glue.edges().stream().map(side -> side.word()).collect(Collectors.joining(", ")) + ".";
        String free = glue.free().isEmpty() ? "" : " The " + Side.words(glue.free()) + " stays free.";
        String panel = plan.pieces().get(glue.onto().piece()).pattern().panel(glue.onto().panel()).map(onto -> " of the " + onto.label()).orElse("");
        List<Reading> readings = glue.at().map(at -> List.of(place(glue.id() + " x", "left edge" + panel, at.at().x()), place(glue.id() + " y", "top edge" + panel, at.at().y())))
                .orElse(List.of());
        add(Phase.GLUE, glue.say().replaceAll("\\..*$", ""), glue.say() + edges + free + times(), "", new StepSubject.OfGlue(glue), readings);
    }

    /** How far inside an edge something lies, or how far past it. */
    private static Reading place(String id, String edge, Length at) {
        return new Reading(id, (at.isNegative() ? "past the " : "from the ") + edge, at.abs(), Optional.empty(), "", Optional.empty());
    }

    /** Which way a pattern must point as the piece lies flat, so that it stands upright where the closed card shows it. */
    private String patternTop(Stack stack) {
        if (!plan.project().paper(MatRole.of(1)).directional() || stack.on().face() != Face.OUTSIDE || plan.stack().isEmpty()) {
            return "";
        }
        int turned = plan.stack().get().layers().stream().filter(layer -> layer.kind() == StackLayer.Kind.MAT && layer.panel().filter(stack.on().on()::equals).isPresent())
                .mapToInt(StackLayer::turned).findFirst().orElse(0);
        return switch (Math.floorMod(turned - plan.design().definition().held().top(), 360)) {
            case 0 -> "";
            case 180 -> " As the piece lies flat, the top of the pattern points down: closed, it stands upright.";
            default -> " As the piece lies flat, the top of the pattern points sideways: hold the piece as the card will be held.";
        };
    }

    private boolean estimated() {
        return plan.project().papers().values().stream().anyMatch(stock -> !stock.isCaliperMeasured());
    }

    private void checking() {
        String size = plan.stack().isEmpty() ? "It does not close yet: see the checks."
                : "Closed it should measure " + format.size(plan.closedWidth().orElseThrow(), plan.closedHeight().orElseThrow()) + " and be "
                + LengthFormat.of(LengthUnit.MILLIMETRE).text(plan.stack().get().thickness()) + " thick" + (estimated() ? ", as estimated from the papers' weights." : ".");
        List<Reading> readings = plan.stack().isEmpty() ? List.of() : List.of(new Reading("closed", "closed size", plan.closedWidth().orElseThrow(),
                plan.closedHeight(), "closed size = the outline of all panels of the folded card", Optional.empty()));
        add(Phase.CHECK, "Closes, holds, fits", size + " Note what to change next time.", "", new StepSubject.OfCard(), readings);
    }
}
