package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.Exporter.Format;
import cufflink.files.handout.HandOutOptions;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/**
 * What is exported is read back by readers that did not write it: poppler for the PDF, librsvg and the JDK's XML parser
 * for the SVG; lines must lie within 0.05 mm of the plan.
 */
class TrueToSizeTest {
    private static final double TOLERANCE = 0.05;
    private static final int DPI = 900;
    private static final double MM_PER_PIXEL = 25.4 / DPI;
    /** On a template page: the left margin and the top of the piece, in mm. */
    private static final double LEFT = 12;
    private static final double TOP = 12 + 26;

    @TempDir
    static Path folder;
    private static Plan plan;

    @BeforeAll
    static void export() throws IOException {
        plan = Plans.plan(Plans.project("m-fold-holder").withWish(Plans.fromSheet("A4", 1)).withSet("width", "4 in"));
        HandOutOptions options = new HandOutOptions(PublishedSizes.named(Kind.SHEET, "A4").orElseThrow(), true, true);
        Exporter.export(plan, Format.PDF, folder.resolve("hand-out.pdf"), options);
        Exporter.export(plan, Format.SVG, folder.resolve("svg"), options);
        Exporter.export(plan, Format.DXF, folder.resolve("dxf"), options);
        Exporter.export(plan, Format.CSV, folder.resolve("csv"), options);
    }

    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(0, process.waitFor(), String.join(" ", command) + ": " + output);
        return output;
    }

    /** Centres, in mm, of the dark stretches along one row of pixels. */
    private static List<Double> darkAlong(BufferedImage image, int row) {
        List<Double> centres = new ArrayList<>();
        int start = -1;
        for (int x = 0; x < image.getWidth(); x++) {
            boolean dark = (image.getRGB(x, row) & 0xff) < 128;
            if (dark && start < 0) {
                start = x;
            } else if (!dark && start >= 0) {
                centres.add((start + x) / 2.0 * MM_PER_PIXEL);
                start = -1;
            }
        }
        return centres;
    }

    private static void assertLineAt(double expected, List<Double> found) {
        assertTrue(found.stream().anyMatch(x -> Math.abs(x - expected) < TOLERANCE),
                () -> "no line at " + expected + " mm among " + found);
    }

    @Test
    void pdf_hasA4Pages_andItsText() throws Exception {
        assertTrue(run("pdfinfo", folder.resolve("hand-out.pdf").toString()).contains("A4"));
        String text = run("pdftotext", "-layout", folder.resolve("hand-out.pdf").toString(), "-");
        for (String expected : List.of("Cut list", "Score list", "Fold", "Glue", "Checks",
                "How every figure came about", "true to size", "M-fold holder")) {
            assertTrue(text.contains(expected), expected);
        }
    }

    /**
     * The last pages are the template: read by poppler, its outline and score lines lie where the plan says; the bar
     * measures 4 in.
     */
    @Test
    void pdfTemplate_isTrueToSize() throws Exception {
        String info = run("pdfinfo", folder.resolve("hand-out.pdf").toString());
        int pages = Integer.parseInt(info.replaceAll("(?s).*Pages:\\s+(\\d+).*", "$1"));
        run("pdftoppm", "-r", String.valueOf(DPI), "-gray", "-png", "-singlefile", "-f", String.valueOf(pages - 1),
                folder.resolve("hand-out.pdf").toString(), folder.resolve("first").toString());
        BufferedImage page = ImageIO.read(folder.resolve("first.png").toFile());
        double barRow = (LEFT + 8 + 1) / MM_PER_PIXEL;
        List<Double> bar = darkAlong(page, (int) barRow);
        assertLineAt(LEFT, bar);
        assertLineAt(LEFT + 101.6, bar);
        int middle = (int) ((TOP + 7) / MM_PER_PIXEL);
        List<Double> dark = new ArrayList<>();
        for (int row = middle; row < middle + (int) (6 / MM_PER_PIXEL); row += 7) {
            dark.addAll(darkAlong(page, row));
        }
        assertLineAt(LEFT, dark);
        assertLineAt(LEFT + plan.measures().length("front").toMillimetres(), dark);
        assertLineAt(LEFT + plan.measures().length("front").plus(plan.measures().length("pocket")).toMillimetres(),
                dark);
    }

    /** Drawn by librsvg, the outline of the piece spans exactly its size. */
    @Test
    void svg_isTrueToSize_asDrawnByAnotherReader() throws Exception {
        Path svg = folder.resolve("svg").resolve("base.svg");
        run("rsvg-convert", "-d", String.valueOf(DPI), "-p", String.valueOf(DPI), "-b", "white", "-o",
                folder.resolve("base.png").toString(), svg.toString());
        BufferedImage image = ImageIO.read(folder.resolve("base.png").toFile());
        assertEquals(plan.design().piece("base").width().length().toMillimetres(), image.getWidth() * MM_PER_PIXEL,
                TOLERANCE);
        assertEquals(plan.design().piece("base").height().length().toMillimetres(), image.getHeight() * MM_PER_PIXEL,
                TOLERANCE);
        List<Double> dark = new ArrayList<>();
        for (int row = 60; row < 400; row += 5) {
            dark.addAll(darkAlong(image, row));
        }
        for (var score : plan.design().piece("base").scores()) {
            assertLineAt(score.line().at().orElseThrow().length().toMillimetres(), dark);
        }
    }

    @Test
    void svg_hasALayerForEachKindOfLine() throws Exception {
        Document document = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(folder.resolve("svg").resolve("base.svg").toFile());
        assertEquals("mm", document.getDocumentElement().getAttribute("width").replaceAll("[\\d.]", ""));
        List<String> layers = new ArrayList<>();
        for (int i = 0; i < document.getElementsByTagName("g").getLength(); i++) {
            layers.add(((Element) document.getElementsByTagName("g").item(i)).getAttribute("id"));
        }
        assertEquals(List.of("cut", "mountain", "valley", "decorative"), layers);
    }

    @Test
    void sheets_areDrawnToo() throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("svg"))) {
            assertTrue(files.anyMatch(file -> file.getFileName().toString().equals("sheet-1.svg")));
        }
    }

    @Test
    void dxf_hasAScoreOnItsLayer_inMillimetres() throws IOException {
        String[] lines = Files.readString(folder.resolve("dxf").resolve("base.dxf")).split("\r\n");
        double front = plan.measures().length("front").toMillimetres();
        boolean found = false;
        for (int i = 0; i + 13 < lines.length; i++) {
            found |= lines[i].equals("LINE") && lines[i + 2].equals("VALLEY")
                    && Math.abs(Double.parseDouble(lines[i + 4]) - front) < 1e-3
                    && Math.abs(Double.parseDouble(lines[i + 8]) - front) < 1e-3;
        }
        assertTrue(found);
        assertEquals("EOF", lines[lines.length - 1]);
    }

    @Test
    void csv_listsEveryPieceAndScore() throws IOException {
        List<String> cuts = Files.readAllLines(folder.resolve("csv").resolve("cut-list.csv"));
        assertEquals("piece,quantity,width mm,height mm,width,height,shape,stock", cuts.get(0));
        assertEquals(1 + plan.design().pieces().size() + plan.mats().size(), cuts.size());
        List<String> scores = Files.readAllLines(folder.resolve("csv").resolve("score-list.csv"));
        assertEquals(4, scores.size());
        assertTrue(scores.get(2).contains("mountain"), scores.get(2));
    }
}
