package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition.Way;
import cufflink.design.Fold;
import cufflink.design.Measure;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Glue;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.CutPart;
import cufflink.plan.GlueScene;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.score.ScoreSetup;
import cufflink.score.ScoringStyle;
import cufflink.score.Slant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * What the hands get of every design, in both units: every piece made, every crease scored and folded, every edge named
 * as its picture shows it, every mark on the ruler.
 */
class HandWorkTest {
    private static final int MANY = 100;

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Pattern ALONG = Pattern
            .compile("(?:Glue, as the picture shows it, along|Along): ([a-z ,]+?)(?:, only|\\.)");

    /**
     * Every design in both units with every combination of its own choices; those of a part are tried in its design.
     */
    /** All combinations of choices; of a design with very many each choice by itself. */
    static Stream<Project> projects() {
        return BuiltInDesigns.all().stream().flatMap(
                design -> Stream.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE).flatMap(ruler -> {
                    List<Measure> own = design.measures().stream()
                            .filter(one -> !one.name().contains(".") && one.choices().size() > 1).toList();
                    int all = own.stream().mapToInt(one -> one.choices().size()).reduce(1,
                            (a, b) -> Math.min(a * b, MANY));
                    List<Project> projects = new ArrayList<>(List.of(Project.of(design, ruler)));
                    for (Measure measure : own) {
                        List<Project> from = all < MANY ? projects : projects.subList(0, 1);
                        List<Project> more = from.stream().flatMap(project -> measure.choices().stream().skip(1)
                                .map(choice -> project.withSet(measure.name(), choice))).toList();
                        projects.addAll(more);
                    }
                    return projects.stream();
                }));
    }

    private static List<RunStep> steps(Plan plan, Phase phase) {
        return plan.run().stream().filter(step -> step.phase() == phase).toList();
    }

    /** The names at the end of the step, {@code square 1 to 6} one by one. */
    private static List<String> cutFromWaste(RunStep step) {
        return Stream.of(step.text().replaceAll("\\.? ?Do this.*|\\.$", "").split(": ")[1].split(", "))
                .flatMap(name -> {
                    Matcher run = Pattern.compile("(.*) (\\d+) (?:to|and) (\\d+)").matcher(name);
                    return run.matches()
                            ? IntStream.rangeClosed(Integer.parseInt(run.group(2)), Integer.parseInt(run.group(3)))
                                    .mapToObj(number -> run.group(1) + " " + number)
                            : Stream.of(name);
                }).toList();
    }

    @ParameterizedTest
    @MethodSource("projects")
    void everyPiece_isMadeInAStep(Project project) {
        Plan plan = Plans.plan(project);
        Set<String> made = new TreeSet<>();
        plan.run().stream().filter(step -> step.subject() instanceof StepSubject.OfSheet)
                .forEach(step -> ((StepSubject.OfSheet) step.subject()).layout().placements()
                        .forEach(placement -> made.addAll(placement.pieces())));
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            boolean fromWaste = steps(plan, Phase.PUNCH).stream()
                    .anyMatch(step -> step.text().startsWith("From what was cut away")
                            && cutFromWaste(step).contains(piece.label().toLowerCase(Locale.ROOT)));
            CutPart.of(project, piece).forEach(part -> assertTrue(made.contains(part.id()) || fromWaste
                    || plan.layout().unplaced().contains(part.id()), part.id()));
        }
        made.addAll(plan.layout().unplaced());
        plan.mats().stream().flatMap(mat -> CutPart.of(project, plan.design(), mat).stream())
                .forEach(part -> assertTrue(made.contains(part.id()), part.label()));
    }

    @ParameterizedTest
    @MethodSource("projects")
    void everyCrease_isScored(Project project) {
        Plan plan = Plans.plan(project);
        Set<String> wanted = new TreeSet<>();
        plan.design().pieces().forEach(piece -> piece.lines().stream().filter(score -> !score.isPinched())
                .forEach(score -> wanted.add(piece.id() + "." + score.id())));
        Set<String> listed = new TreeSet<>();
        for (RunStep step : steps(plan, Phase.SCORE)) {
            // What lies over the whole piece is made and glued on before it is scored.
            step.subjects().stream().filter(StepSubject.OfScores.class::isInstance)
                    .map(subject -> ((StepSubject.OfScores) subject).setup()).forEach(setup -> {
                        setup.positions().forEach(position -> listed.add(setup.piece() + "." + position.score()));
                        setup.slants().forEach(slant -> listed.add(setup.piece() + "." + slant.score()));
                    });
        }
        assertEquals(wanted, listed);
    }

    /** Two marks and, where told, a stretch between them give the crease of the pattern back. */
    @ParameterizedTest
    @MethodSource("projects")
    void slantingScores_runWhereTheirMarksSay(Project project) {
        Stream.of(ScoringStyle.values()).map(style -> Plans.plan(project.withScoring(style)))
                .forEach(HandWorkTest::slantsRunWhereTheirMarksSay);
    }

    private static void slantsRunWhereTheirMarksSay(Plan plan) {
        for (ScoreSetup setup : plan.scores()) {
            SizedDesign.Piece piece = plan.design().piece(setup.piece());
            for (Slant slant : setup.slants()) {
                SizedDesign.Line line = piece.scores().stream().filter(score -> score.id().equals(slant.score()))
                        .findFirst().orElseThrow().line();
                LineSegment marked = new LineSegment(place(slant.from(), piece, setup.mirrored()),
                        place(slant.to(), piece, setup.mirrored()));
                for (Coordinate end : List.of(new Coordinate(line.x1().toMillimetres(), line.y1().toMillimetres()),
                        new Coordinate(line.x2().toMillimetres(), line.y2().toMillimetres()))) {
                    assertEquals(0, marked.distance(end), 1e-3, slant.toString());
                }
            }
        }
    }

    /** A mark in the coordinates of the piece as its up face lies up, whichever face was up when it was made. */
    private static Coordinate place(Slant.Mark mark, SizedDesign.Piece piece, boolean turnedOver) {
        Coordinate seen = place(mark, piece);
        return turnedOver ? new Coordinate(piece.width().length().toMillimetres() - seen.x, seen.y) : seen;
    }

    private static Coordinate place(Slant.Mark mark, SizedDesign.Piece piece) {
        double at = mark.at().toMillimetres();
        return switch (mark.edge()) {
            case LEFT -> new Coordinate(0, at);
            case RIGHT -> new Coordinate(piece.width().length().toMillimetres(), at);
            case TOP -> new Coordinate(at, 0);
            case BOTTOM -> new Coordinate(at, piece.height().length().toMillimetres());
        };
    }

    @ParameterizedTest
    @MethodSource("projects")
    void everyCrease_isFoldedInAStep(Project project) {
        Plan plan = Plans.plan(project);
        plan.pieces().forEach((id, folded) -> {
            Set<String> wanted = new TreeSet<>();
            folded.pattern().hinges().stream().filter(hinge -> hinge.fold() != Fold.DECORATIVE && hinge.folds())
                    .forEach(hinge -> wanted.add(hinge.crease()));
            folded.stages().forEach(stage -> wanted.removeAll(stage.step().creases()));
            assertEquals(Set.of(), wanted, id);
        });
    }

    /** The glue in the picture, looked at edge by edge, against the edges that the words name. */
    @ParameterizedTest
    @MethodSource("projects")
    void glue_isNamedAsThePictureShowsIt(Project project) {
        Plan plan = Plans.plan(project);
        for (RunStep step : steps(plan, Phase.GLUE)) {
            if (step.subject() instanceof StepSubject.OfGlue of && of.glue().way() != Way.LATER) {
                if (step.text().contains("all round")) {
                    assertFalse(drawn(plan, of.glue()).isEmpty(), step.text());
                } else {
                    assertEquals(drawn(plan, of.glue()), named(step.text()), step.text());
                }
            }
        }
    }

    /** Millimetres that a strip of glue is wide, and a little more. */
    private static final double STRIP = 6.5;

    private static Set<String> named(String text) {
        Set<String> named = new TreeSet<>();
        Matcher match = ALONG.matcher(text);
        while (match.find()) {
            named.addAll(Arrays.asList(match.group(1).split(", | and ")));
        }
        return named;
    }

    /** The directions of those edges of the part along which some of the drawn glue lies. */
    private static Set<String> drawn(Plan plan, Glue glue) {
        GlueScene scene = GlueScene.of(plan.workings(), glue).orElseThrow();
        Geometry all = FACTORY.buildGeometry(new ArrayList<>(scene.patch().glued())).buffer(0);
        Polygon part = scene.patch().part();
        Coordinate middle = part.getCentroid().getCoordinate();
        Set<String> seen = new TreeSet<>();
        boolean turned = glue.at().filter(at -> at.turn() % 90 != 0).isPresent();
        Coordinate[] ring = part.getExteriorRing().getCoordinates();
        for (int i = 0; i + 1 < ring.length && !all.isEmpty(); i++) {
            LineSegment edge = new LineSegment(ring[i], ring[i + 1]);
            int glued = 0;
            for (int k = 1; k < 60; k++) {
                Coordinate at = edge.pointAlong(k / 60.0);
                Coordinate inside = new Coordinate(at.x + 0.02 * (middle.x - at.x), at.y + 0.02 * (middle.y - at.y));
                // The end of a strip along the next edge is no glue along this one.
                boolean slants = Math.min(Math.abs(edge.p1.x - edge.p0.x), Math.abs(edge.p1.y - edge.p0.y)) > 1;
                // A part that lies aslant has short sides of its own; of others, a short slanting one rounds a corner.
                double corner = !slants ? STRIP : turned ? Math.min(1.1 * STRIP, 0.49 * edge.getLength())
                        : 1.1 * STRIP;
                boolean atCorner = edge.getLength() > (slants ? 1 : 2) * corner
                        && Math.min(at.distance(edge.p0), at.distance(edge.p1)) < corner;
                glued += k > 10 && k < 50 && !atCorner && all.contains(FACTORY.createPoint(inside)) ? 1 : 0;
            }
            double x = edge.midPoint().x - middle.x;
            double nx = edge.p1.y - edge.p0.y;
            double ny = edge.p0.x - edge.p1.x;
            boolean outward = nx * x + ny * (edge.midPoint().y - middle.y) > 0;
            if (glued > 0 && edge.getLength() > 5) {
                seen.add(word((scene.mirrored() ? -1 : 1) * (outward ? nx : -nx), outward ? ny : -ny));
            }
        }
        return seen;
    }

    private static String word(double x, double y) {
        double degrees = Math.toDegrees(Math.atan2(y, x));
        String[] around = {"right", "lower right", "bottom", "lower left", "left", "upper left", "top", "upper right"};
        return around[Math.floorMod(Math.round(degrees / 45), 8)];
    }

    @ParameterizedTest
    @MethodSource("projects")
    void marksAndLengthsInSteps_lieOnTheRuler(Project project) {
        Plan plan = Plans.plan(project);
        RulerStep ruler = project.step();
        Pattern odd = project.unit() == LengthUnit.INCH ? Pattern.compile("\\d\\.\\d{3,} in")
                : Pattern.compile("\\d\\.\\d+ mm");
        for (RunStep step : plan.run()) {
            if (step.phase() == Phase.GLUE || step.phase() == Phase.FOLD || step.phase() == Phase.CHECK) {
                assertFalse(odd.matcher(step.text().replaceAll("and be .* thick", "")).find(), step.text());
                for (Reading reading : step.readings()) {
                    assertTrue(ruler.has(reading.length()) && reading.size().map(ruler::has).orElse(true),
                            step.title() + ": " + reading);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("projects")
    void noLayer_closesAnOpening(Project project) {
        Plan plan = Plans.plan(project);
        assertEquals(List.of(), plan.checks().stream().filter(check -> check.id().startsWith("opening-")).toList());
    }

    @Test
    void windowUnderALayer_staysOpen_withItsBorder() {
        String text = BuiltInDesigns.text("half-fold").replace("id: half-fold", "id: window-card")
                .replaceFirst("(?m)^    panels:",
                        "    cutOuts:\n      - {id: window, rounded: [1 in, 1 in, 2 in, 2 in, 1/4 in]}\n    panels:");
        Project project = Project.of(DesignFileReader.read("window.yaml", text).orThrow(), RulerStep.SIXTEENTH_INCH);
        Plan plan = Plans.plan(project);
        Polygon layer = plan.mats().get(0).outline();
        assertEquals(1, layer.getNumInteriorRing());
        double border = Plans.length("1/8 in").toMillimetres();
        assertEquals(2 * 25.4 + 2 * border, layer.getInteriorRingN(0).getEnvelopeInternal().getWidth(), 0.05);
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("openings")));
        RunStep mat = steps(plan, Phase.MAT).get(0);
        assertTrue(mat.readings().stream().anyMatch(reading -> reading.text(plan.format()).equals("2 1/4 × 2 1/4 in")),
                mat.readings().toString());
        assertTrue(mat.readings().stream().anyMatch(
                reading -> reading.label().contains("left, top") && reading.length().equals(Plans.length("3/4 in"))),
                mat.readings().toString());
    }

    @Test
    void notchOfThePassHolder_isCutThroughBoth_whenTheLayerIsOn() {
        Plan plan = Plans.plan(Plans.project("m-fold-holder"));
        List<String> titles = plan.run().stream().map(RunStep::title).collect(Collectors.toList());
        int layer = titles.indexOf("Front layers on");
        assertTrue(titles.get(layer + 1).contains("notch at the front fold through both"), titles.toString());
        assertFalse(steps(plan, Phase.PUNCH).get(0).text().contains("front fold"));
    }

    /** The radius that is cut, even where the design asks for more than half of the shorter side. */
    @ParameterizedTest
    @CsvSource({"1/8 in, 1/8 in", "9 in, 1 in"})
    void roundedOpening_namesTheRadiusOfItsCorners(String asked, String cut) {
        String text = BuiltInDesigns.text("slot-concertina").replace("aperture, aperture, 1/8 in]",
                "aperture, aperture, " + asked + "]");
        Plan plan = Plans.plan(
                Project.of(DesignFileReader.read("mine.yaml", text).orThrow(), RulerStep.SIXTEENTH_INCH));
        assertEquals(List.of(Plans.length(cut)),
                steps(plan, Phase.PUNCH).stream().flatMap(step -> step.readings().stream())
                        .filter(reading -> reading.label().endsWith("corners' radius")).map(Reading::length).distinct()
                        .toList());
    }
}
