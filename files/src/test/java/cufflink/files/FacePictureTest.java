package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Face;
import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.files.handout.HandOutOptions;
import cufflink.files.handout.HandOutWriter;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.files.stash.FacePictureFile;
import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.paper.PaperRole;
import cufflink.paper.Print;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.words.StashFileWords;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pictures of papers: from an image file to the panels of the card. */
class FacePictureTest {
    private static final Length WIDE = Length.ofInches(2);

    @TempDir
    private Path folder;

    private static Project pictured(String design) {
        return pictured(design, WIDE);
    }

    private static Project pictured(String design, Length wide) {
        Project project = Plans.project(design);
        PaperRole card = PaperRole.material("card");
        return project.withPaper(card, project.paper(card).withPrint(
                Print.NOTHING.withPicture(Optional.of(FacePictures.dot(wide)))));
    }

    private static List<Shape.Texture> textures(List<Shape> shapes) {
        return shapes.stream().filter(Shape.Area.class::isInstance).map(Shape.Area.class::cast)
                .flatMap(area -> area.texture().stream()).toList();
    }

    private static double across(Shape.Texture tile) {
        return tile.right().x() - tile.corner().x();
    }

    @Test
    void imageFile_isMadeSmall_andKeepsItsShape() throws IOException {
        Path file = folder.resolve("stars.png");
        ImageIO.write(FacePictures.image(1600, 800, Color.PINK), "png", file.toFile());
        FacePicture picture = FacePictureFile.read(file, WIDE).picture().orElseThrow();
        assertEquals(Length.ofInches(1), picture.height());
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(picture.bytes()));
        assertEquals(512, read.getWidth());
        assertEquals(256, read.getHeight());
    }

    @Test
    void whatIsNoImage_isToldWithItsName() throws IOException {
        Path text = Files.writeString(folder.resolve("notes.png"), "not a picture");
        FacePictureFile.Read read = FacePictureFile.read(text, WIDE);
        assertEquals(Optional.of(StashFileWords.NO_IMAGE), read.fault().map(fault -> fault.code()));
        assertTrue(read.fault().orElseThrow().sentence().contains("notes.png") && read.picture().isEmpty());
        Path cut = folder.resolve("cut.png");
        ImageIO.write(FacePictures.image(300, 300, Color.PINK), "png", cut.toFile());
        Files.write(cut, Arrays.copyOf(Files.readAllBytes(cut), 200));
        assertTrue(FacePictureFile.read(cut, WIDE).picture().isEmpty());
        assertTrue(FacePictureFile.read(folder.resolve("missing.jpg"), WIDE).fault().isPresent());
    }

    /** Flat and open, the front shows it the right way up: its right edge to the right, seen from either side. */
    @Test
    void panels_showItTheRightWayUp() {
        Plan plan = Plans.plan(pictured("half-fold"));
        assertEquals(Face.INSIDE, plan.design().piece("base").up());
        for (boolean back : List.of(false, true)) {
            List<Shape.Texture> closed = textures(ClosedDrawing.draw(plan, back, 0.3).orElseThrow().shapes());
            assertTrue(!closed.isEmpty() && closed.stream().allMatch(tile -> Math.abs(across(tile) - 50.8) < 1e-6
                    && tile.down().y() > tile.corner().y()), closed.toString());
        }
        List<Shape.Texture> open = textures(
                PoseDrawing.draw(plan, "half open", View.ABOVE, 0.3).orElseThrow().shapes());
        assertTrue(!open.isEmpty() && open.stream().allMatch(tile -> across(tile) > 0), open.toString());
    }

    /** The inside of paper that is printed on its face alone stays plain. */
    @Test
    void backOfThePaper_staysPlain() {
        Plan plan = Plans.plan(pictured("half-fold"));
        List<Shape> flat = PoseDrawing.draw(plan, "flat out", View.ABOVE, 0.3)
                .or(() -> PoseDrawing.draw(plan, "half open", new View(0, 0, 0), 0.3)).orElseThrow().shapes();
        long printed = textures(flat).size();
        assertTrue(printed < plan.assembly().panels().size(), "not every panel shows its outside: " + printed);
    }

    @Test
    void twistedPanels_showItToo() {
        Plan plan = Plans.plan(pictured("rosette"));
        List<Shape.Texture> tiles = textures(
                PoseDrawing.draw(plan, "opened out", View.ABOVE, 0.3).orElseThrow().shapes());
        assertEquals(25, tiles.size());
    }

    @Test
    void projectFile_keepsIt_andRefusesWhatIsNone() throws IOException {
        Project project = pictured("half-fold");
        Path file = folder.resolve("card.json");
        ProjectWriter.write(project, file);
        String text = Files.readString(file);
        Project read = ProjectReader.read("card.json", text, DesignLibrary.builtIn()).orThrow();
        assertEquals(project.paper(PaperRole.material("card")).print(),
                read.paper(PaperRole.material("card")).print());
        String data = FacePictures.dot(WIDE).data();
        for (String other : List.of("no base 64!", "AAAA",
                FacePictures.base64(FacePictures.image(600, 4, Color.RED)))) {
            assertTrue(ProjectReader.read("card.json", text.replace(data, other), DesignLibrary.builtIn()).value()
                    .isEmpty(), other);
        }
    }

    @Test
    void handOut_printsIt() throws IOException {
        HandOutOptions letter = HandOutOptions.on("Letter");
        assertTrue(oranges(HandOutWriter.write(Plans.plan(pictured("half-fold")), letter)) > 500);
        assertEquals(0, oranges(HandOutWriter.write(Plans.plan(Plans.project("half-fold")), letter)));
    }

    /** A pattern of 3 mm covers the sheet, not just its first rows; much of it is blended with what is next to it. */
    @Test
    void handOut_printsSmallPatternsAllOver() throws IOException {
        HandOutOptions letter = HandOutOptions.on("Letter");
        long large = oranges(HandOutWriter.write(Plans.plan(pictured("half-fold", WIDE)), letter));
        long small = oranges(HandOutWriter.write(Plans.plan(pictured("half-fold", Length.ofMillimetres(3))), letter));
        assertTrue(small > large / 5, small + " of " + large);
    }

    /** Pixels of the picture's colour on the first page. */
    private static long oranges(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 200);
            return Arrays.stream(page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0,
                    page.getWidth())).filter(pixel -> (pixel & 0xFFFFFF) == (Color.ORANGE.getRGB() & 0xFFFFFF)).count();
        }
    }

    @Test
    void bytes_areThoseOfTheFile() {
        FacePicture picture = FacePictures.dot(WIDE);
        assertArrayEquals(picture.bytes(), picture.wide(Length.ofInches(5)).bytes());
    }
}
