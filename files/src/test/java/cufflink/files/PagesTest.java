package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Face;
import cufflink.design.Page;
import cufflink.design.PanelRef;
import cufflink.drawing.FoldScene;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.View;
import cufflink.files.design.DesignFileReader;
import cufflink.fold.PosedCard;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.Leafing;
import cufflink.words.Code;
import cufflink.words.DesignFileWords;
import cufflink.words.DesignWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is leafed through: pages, their names, the poses in which they are seen. */
class PagesTest {
    private static String example() throws IOException {
        return Files.readString(Path.of("../docs/examples/pages.yaml"));
    }

    private static Plan plan(String... set) throws IOException {
        Project project = Project.of(DesignFileReader.read("pages.yaml", example()).orThrow(), RulerStep.MILLIMETRE);
        return Planner.plan(Plans.set(project, set)).orThrow();
    }

    private static List<Code> refused(String from, String to) throws IOException {
        assertTrue(example().contains(from), from);
        Outcome<?> read = DesignFileReader.read("pages.yaml", example().replace(from, to));
        return read.problems().stream().map(Problem::code).distinct().toList();
    }

    private static List<String> names(List<Page.Spread> spreads) {
        return spreads.stream().map(Page.Spread::name).toList();
    }

    /** A concertina of n pages, worked out plainly: its valleys open from the front, its mountains from the back. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 7, 8})
    void concertina_isLeafedThroughAsPaperIs(int pages) throws IOException {
        Leafing leafing = Leafing.of(plan("pages=" + pages).workings().stacked()).orElseThrow();
        List<String> fronts = IntStream.range(1, pages).filter(i -> i % 2 == 1)
                .mapToObj(i -> "T" + i + " T" + (i + 1)).toList();
        List<String> backs = IntStream.range(1, pages).map(i -> pages - i).filter(i -> i % 2 == 0)
                .mapToObj(i -> "U" + (i + 1) + " U" + i).toList();
        assertEquals(fronts, names(leafing.spreads()));
        assertEquals(backs, names(leafing.turnedOver()));
        assertEquals("U1", leafing.front().name());
        assertEquals((pages % 2 == 0 ? "U" : "T") + pages, leafing.back().name());
        assertEquals(List.of(), leafing.upsideDown());
    }

    /** What lies uppermost left and right of the crease, looked at from above, corner by corner. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5})
    void everySpread_showsItsPagesSideBySide(int pages) throws IOException {
        Plan plan = plan("pages=" + pages);
        List<Page.Spread> spreads = plan.design().poses().values().stream().flatMap(pose -> pose.spread().stream())
                .toList();
        assertEquals(pages - 1, spreads.size());
        for (Page.Spread spread : spreads) {
            PosedCard posed = plan.poses().stream().filter(pose -> pose.name().equals(spread.name())).findFirst()
                    .orElseThrow();
            assertTrue(posed.obstacle().isEmpty(), spread.name());
            FoldScene scene = PoseDrawing.between(plan, posed, 1).orElseThrow();
            assertTrue(middle(scene, spread.left().panel()) < middle(scene, spread.right().panel()), spread.name());
            List<String> shown = PoseDrawing.shown(plan, posed, false).stream()
                    .map(face -> face.label()).filter(label -> label.contains("page")).limit(2).sorted().toList();
            assertEquals(Stream.of(spread.left(), spread.right())
                    .map(side -> side.face().word() + " of "
                            + plan.pieces().get("base").pattern().panel(side.panel().panel()).orElseThrow().label())
                    .sorted().toList(), shown, spread.name());
        }
    }

    private static double middle(FoldScene scene, PanelRef panel) {
        return scene.state().footprint(panel).getCentroid().getX();
    }

    private static List<String> labels(Picture picture) {
        return picture.shapes().stream().filter(Shape.Label.class::isInstance).map(Shape.Label.class::cast)
                .map(Shape.Label::text).toList();
    }

    @Test
    void pages_areNamedOnThePaper() throws IOException {
        Plan plan = plan();
        assertEquals(List.of("T1", "T2", "T3", "T4"),
                labels(PoseDrawing.draw(plan, "laid out", View.ABOVE, 0.3).orElseThrow()).stream().sorted().toList());
        assertEquals(List.of("U1", "U2", "U3", "U4"), labels(
                PoseDrawing.draw(plan, "laid out", new View(0, 0, 180), 0.3).orElseThrow()).stream().sorted().toList());
    }

    @ParameterizedTest
    @CsvSource({"T, 1, INSIDE", "U, 1, OUTSIDE", "T, 4, INSIDE", "U, 3, OUTSIDE"})
    void glueOntoAPage_goesOnItsFace(String side, int page, Face face) throws IOException {
        var glue = plan("side=" + side, "on=" + page).design().glue().get(0);
        assertEquals(new PanelRef("base", "page" + page), glue.onto());
        assertEquals(face, glue.face());
    }

    @ParameterizedTest
    @CsvSource({"wrong side, 4, right, right", "right side, 4, wrong, wrong", "wrong side, 5, right, wrong"})
    void covers_showASideOfThePaper(String up, int pages, String front, String back) throws IOException {
        String text = plan("faceUp=" + up, "pages=" + pages).checks().stream()
                .filter(check -> check.id().equals("covers-alike")).findFirst().orElseThrow().text();
        assertTrue(text.contains("the " + front + " side"), text);
        assertTrue(front.equals(back) == text.startsWith("Both covers"), text);
    }

    @Test
    void reversedPiece_hasTheRightSideOfItsPaperInside() throws IOException {
        Plan plan = plan("faceUp=right side");
        var base = plan.design().piece("base");
        assertEquals(plan.project().card().face(), plan.project().paper(base).back());
        String score = plan.run().stream().filter(step -> step.phase() == Phase.SCORE).findFirst().map(RunStep::text)
                .orElseThrow();
        assertTrue(score.contains("The right side of the paper lies up."), score);
    }

    @Test
    void finish_isDoneBeforeItIsChecked() throws IOException {
        List<String> titles = plan().run().stream().map(RunStep::title).toList();
        assertEquals(List.of("Number the pages", "Leaf through it", "Closes, holds, fits"),
                titles.subList(titles.size() - 3, titles.size()));
    }

    @Test
    void pocketsUpsideDown_areNoPages_butAPageIs() throws IOException {
        String turned = example().replace("front: \"base.page{pages}\", back", "front: \"pocket.front\", back")
                .replace("at: [0 mm, page / 2], edges", "at: [0 mm, page / 2], turn: 180 deg, edges");
        Plan plan = Planner.plan(Project.of(DesignFileReader.read("pages.yaml", turned).orThrow(),
                RulerStep.MILLIMETRE)).orThrow();
        String text = plan.checks().stream().filter(check -> check.id().equals("pages-upright")).findFirst()
                .orElseThrow().text();
        assertEquals("Upside down when it is leafed through: T4.", text);
    }

    /** Its pages keep their names for what is glued on them; how the whole opens is the host's to say. */
    @Test
    void pagesOfAPart_areItsOwn() {
        Plan plan = Planner.plan(Project.of(DesignFileReader.read("host.yaml", """
                id: album-card
                of: half-fold
                title: Card with an album
                group: card base
                parts:
                  album: {design: strip-album, on: base.back, face: inside, glue: strip3.page6, set: {panel: 60 mm, tie: 'no'}}
                """).orThrow(), RulerStep.MILLIMETRE)).orThrow();
        assertEquals(new PanelRef("album.strip3", "page6"), plan.design().glue().stream()
                .filter(glue -> glue.id().equals("album.half")).findFirst().orElseThrow().onto());
        assertTrue(plan.design().poses().values().stream().allMatch(pose -> pose.spread().isEmpty()));
        assertTrue(Leafing.of(plan.workings().stacked()).isEmpty());
    }

    @Test
    void mistakes_areToldByTheirKind() throws IOException {
        assertEquals(List.of(DesignWords.NO_SUCH_PAGE), refused("pages.{side}{on}", "pages.{side}9"));
        assertEquals(List.of(DesignWords.NO_CREASE_TO_LEAF), refused("next: \"fold{i}\"", "next: \"crease{i}\""));
        assertEquals(List.of(DesignFileWords.PAGE_OF_TWO_SIDES),
                refused("names: [\"T{pages}\", \"U{pages}\"]", "names: [\"T{pages}\"]"));
        assertEquals(List.of(DesignWords.TWO_OF_A_NAME),
                refused("names: [\"T{pages}\", \"U{pages}\"]", "names: [T1, \"U{pages}\"]"));
        assertEquals(List.of(DesignFileWords.NO_PANEL),
                refused("front: \"base.page{pages}\"", "front: \"base.page{pages + 1}\""));
    }
}
