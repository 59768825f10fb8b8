package cufflink.files.handout;

import cufflink.files.CufflinkFonts;
import cufflink.measure.FractionText;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Sets text with embedded fonts, fractions included; measures and breaks lines. All sizes in points. */
final class Typesetter {
    private static final double SMALL = 0.62;
    /** Signs the typefaces lack, and what stands for them. */
    private static final Map<String, String> SUBSTITUTES = Map.of("≈", "~", "✓", "+", "▲", "!", "✕", "x", "›", ">", "≥",
            ">=", "≤", "<=");

    private final Map<CufflinkFonts, PDFont> fonts = new EnumMap<>(CufflinkFonts.class);
    private final Map<String, Boolean> known = new HashMap<>();

    Typesetter(PDDocument document) throws IOException {
        for (CufflinkFonts face : CufflinkFonts.values()) {
            try (InputStream file = face.open()) {
                fonts.put(face, PDType0Font.load(document, file, true));
            }
        }
    }

    PDFont font(CufflinkFonts face) {
        return fonts.get(face);
    }

    /** The text with what no font has replaced. */
    private String settable(CufflinkFonts face, String text) {
        StringBuilder result = new StringBuilder();
        text.codePoints().mapToObj(Character::toString)
                .forEach(sign -> result.append(has(face, sign) ? sign : SUBSTITUTES.getOrDefault(sign, "?")));
        return result.toString();
    }

    private boolean has(CufflinkFonts face, String sign) {
        return known.computeIfAbsent(face + sign, key -> {
            try {
                fonts.get(face).encode(sign);
                return true;
            } catch (IllegalArgumentException | IOException missing) {
                return false;
            }
        });
    }

    private double plainWidth(CufflinkFonts face, double size, String text) throws IOException {
        return fonts.get(face).getStringWidth(settable(face, text)) / 1000 * size;
    }

    /** Width of a line with its fractions set. */
    double width(CufflinkFonts face, double size, String text) throws IOException {
        double width = 0;
        for (FractionText.Run run : FractionText.runs(text)) {
            width += run instanceof FractionText.Plain plain ? plainWidth(face, size, plain.text())
                    : fractionWidth(face, size, (FractionText.Fraction) run);
        }
        return width;
    }

    private double fractionWidth(CufflinkFonts face, double size, FractionText.Fraction fraction) throws IOException {
        return Math.max(plainWidth(face, size * SMALL, fraction.numerator()),
                plainWidth(face, size * SMALL, fraction.denominator())) + size * 0.2;
    }

    /** Sets one line with its baseline at y; returns where it ends. */
    double set(PDPageContentStream stream, CufflinkFonts face, double size, double x, double y, String text)
            throws IOException {
        double at = x;
        for (FractionText.Run run : FractionText.runs(text)) {
            if (run instanceof FractionText.Plain plain) {
                show(stream, face, size, at, y, plain.text());
                at += plainWidth(face, size, plain.text());
            } else {
                FractionText.Fraction fraction = (FractionText.Fraction) run;
                double width = fractionWidth(face, size, fraction);
                double small = size * SMALL;
                show(stream, face, small, at + (width - plainWidth(face, small, fraction.numerator())) / 2,
                        y + size * 0.43, fraction.numerator());
                show(stream, face, small, at + (width - plainWidth(face, small, fraction.denominator())) / 2,
                        y - size * 0.18, fraction.denominator());
                stream.setLineWidth((float) (size * 0.05));
                stream.moveTo((float) (at + size * 0.04), (float) (y + size * 0.345));
                stream.lineTo((float) (at + width - size * 0.04), (float) (y + size * 0.345));
                stream.stroke();
                at += width;
            }
        }
        return at;
    }

    private void show(PDPageContentStream stream, CufflinkFonts face, double size, double x, double y, String text)
            throws IOException {
        stream.beginText();
        stream.setFont(fonts.get(face), (float) size);
        stream.newLineAtOffset((float) x, (float) y);
        stream.showText(settable(face, text));
        stream.endText();
    }

    /** Breaks a text into lines no wider than the measure; a word longer than that stands alone. */
    List<String> lines(CufflinkFonts face, double size, double measure, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            boolean splitsFraction = word.matches("\\d{1,3}/\\d{1,3}.*") && line.matches(".*\\d$");
            if (!line.isEmpty() && !splitsFraction && width(face, size, longer) > measure) {
                lines.add(line);
                line = word;
            } else {
                line = longer;
            }
        }
        lines.add(line);
        return lines;
    }

    /** The finished document; its identifier follows from its title and not from the clock. */
    static byte[] bytes(PDDocument document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.setDocumentId(1L);
        document.save(bytes);
        return bytes.toByteArray();
    }
}
