package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Ornament;
import cufflink.files.design.SvgDrawing;
import cufflink.files.design.SvgPaths;
import cufflink.problem.Outcome;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings as drawing programs write them. */
class SvgDrawingTest {
    @TempDir
    Path folder;

    private Outcome<Ornament.Traced> read(String body) throws IOException {
        Path file = folder.resolve("shape.svg");
        Files.writeString(file,
                "<?xml version=\"1.0\"?>\n<!DOCTYPE svg PUBLIC \"-//W3C//DTD SVG 1.1//EN\" \"svg11.dtd\">"
                        + "\n<svg xmlns=\"http://www.w3.org/2000/svg\">\n" + body + "\n</svg>");
        return SvgDrawing.read(file);
    }

    private String trouble(String body) throws IOException {
        Outcome<Ornament.Traced> read = read(body);
        assertTrue(read.value().isEmpty(), body);
        return read.problems().get(0).text();
    }

    /** Heights for widths after a turn, a scale, a skew and groups in groups, by elementary geometry. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            <path d="M 0 0 H 20 V 10 H 0 Z"/>                                                         | 0.5
            <path transform="rotate(90)" d="M 0 0 H 20 V 10 H 0 Z"/>                                  | 2
            <g transform="scale(2 1)"><path transform="translate(5, 5)" d="m 1 1 h 10 v 10 h -10 z"/></g> | 0.5
            <g transform="matrix(0 1 1 0 0 0)"><g/><path d="M 0 0 H 20 V 10 H 0 Z"/></g>              | 2
            """)
    void transforms_areFollowed(String body, double proportion) throws IOException {
        assertEquals(proportion, read(body).orThrow().proportion(), 1e-3);
    }

    @Test
    void secondPath_beginsWhereItSays_notWhereTheFirstEnds() throws IOException {
        Ornament.Traced both = read("<path d=\"m 0 0 h 10 v 10 h -10 z\"/><path d=\"m 5 5 h 10 v 10 h -10 z\"/>")
                .orThrow();
        assertEquals(175, both.outline().getArea(), 0.1);
        assertEquals(both.outline(), SvgPaths.read("path", both.path()).orThrow().outline(), "is saved as it was read");
    }

    @Test
    void whatIsNotDrawn_isNoShape() throws IOException {
        assertEquals(100, read("<defs><path d=\"M 50 50 h 90 v 90 z\"/></defs><path d=\"M 0 0 h 10 v 10 h -10 z\"/>")
                .orThrow().outline().getArea(), 0.1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"<circle r=\"5\"/>", "<path/>"})
    void drawingWithoutPath_saysSo(String body) throws IOException {
        assertTrue(trouble(body).contains("no path"), trouble(body));
    }

    @Test
    void whereItGoesWrong_isSaid() throws IOException {
        assertTrue(trouble("<g transform=\"spin(3)\"/>").contains("line 4"), trouble("<g transform=\"spin(3)\"/>"));
        assertTrue(trouble("\n<path").contains("line"), trouble("\n<path"));
        assertTrue(trouble("<path d=\"M 0 0 X\"/>").contains("character"), trouble("<path d=\"M 0 0 X\"/>"));
    }

    @Test
    void twoShapesApart_areNotOneOrnament() throws IOException {
        String two = "<path d=\"M 0 0 h 10 v 10 h -10 z\"/><path d=\"M 50 0 h 10 v 10 h -10 z\"/>";
        assertTrue(trouble(two).contains("2 pieces"), trouble(two));
    }

    @Test
    void shapeWithMoreCornersThanCanBe_isRefused_notCutShort() {
        StringBuilder path = new StringBuilder("M 0 0");
        for (int i = 0; i < 11_000; i++) {
            path.append(i % 2 == 0 ? "h1" : "v1");
        }
        assertTrue(SvgPaths.read("path", path + " H 0 Z " + path + " H 0 Z").problems().get(0).text()
                .contains("corners"));
    }
}
