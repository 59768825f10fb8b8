package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.drawing.Ink;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaletteTest {
    private static String css() throws IOException {
        try (InputStream file = PaletteTest.class.getResourceAsStream("/cufflink/desktop/cufflink.css")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String colour(String name) throws IOException {
        Matcher matcher = Pattern.compile("-cf-" + name + ": (#[0-9A-F]{6});").matcher(css());
        assertTrue(matcher.find(), name);
        return matcher.group(1);
    }

    /** The style sheet and the drawings use one palette. */
    @Test
    void styleSheet_andInks_agree() throws IOException {
        for (Map.Entry<String, Ink> entry : Map.of("valley", Ink.VALLEY, "mountain", Ink.MOUNTAIN, "decorative",
                Ink.DECORATIVE, "glue", Ink.GLUE, "now", Ink.NOW, "ink", Ink.TEXT,
                "soft", Ink.SOFT_TEXT, "bench", Ink.BENCH, "waste", Ink.WASTE, "bad", Ink.BLADE).entrySet()) {
            assertEquals(entry.getValue().colour(), colour(entry.getKey()), entry.getKey());
        }
    }

    private static double luminance(String colour) {
        double[] parts = new double[3];
        for (int i = 0; i < 3; i++) {
            double part = Integer.parseInt(colour.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
            parts[i] = part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2];
    }

    /** WCAG 2: text needs a contrast of 4.5 to 1. */
    @ParameterizedTest
    @CsvSource({"ink,panel", "soft,panel", "soft,strip", "ink,now", "good,panel", "watch,panel", "bad,panel",
        "bench-soft,bench", "bench-soft,ink", "now,ink", "paper,ink", "good,strip", "soft,paper"})
    void text_isReadable(String text, String ground) throws IOException {
        double a = luminance(colour(text));
        double b = luminance(colour(ground));
        double contrast = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
        assertTrue(contrast >= 4.5, text + " on " + ground + ": " + contrast);
    }

    /** Colours stand in the palette only. */
    @Test
    void styleSheet_namesColoursInThePaletteOnly() throws IOException {
        String rules = css().substring(css().indexOf("/* text with fractions */"));
        assertTrue(!Pattern.compile("#[0-9A-Fa-f]{3,8}").matcher(rules).find());
    }
}
