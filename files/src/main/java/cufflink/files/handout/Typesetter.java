package cufflink.files.handout;

import cufflink.files.CufflinkFonts;
import cufflink.files.ScriptFonts;
import cufflink.measure.FractionText;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Sets text with embedded fonts, fractions included; measures and breaks lines. All sizes in points. */
final class Typesetter {
    private static final double SMALL = 0.62;
    private static final String NOBODY_HAS_IT = "?";

    private final PDDocument document;
    private final Map<CufflinkFonts, PDFont> fonts = new EnumMap<>(CufflinkFonts.class);
    /** Large files, loaded when one of their signs is set. */
    private final Map<ScriptFonts, PDFont> scripts = new EnumMap<>(ScriptFonts.class);
    private final Map<CufflinkFonts, Map<String, Optional<PDFont>>> known = new EnumMap<>(CufflinkFonts.class);

    Typesetter(PDDocument document) throws IOException {
        this.document = document;
        for (CufflinkFonts face : CufflinkFonts.values()) {
            try (InputStream file = face.open()) {
                fonts.put(face, PDType0Font.load(document, file, true));
            }
            known.put(face, new HashMap<>());
        }
    }

    /** Signs that follow one another in one typeface. */
    private record Stretch(PDFont font, String text) {
        double width(double size) throws IOException {
            return font.getStringWidth(text) / 1000 * size;
        }
    }

    private List<Stretch> stretches(CufflinkFonts face, String text) throws IOException {
        List<Stretch> stretches = new ArrayList<>();
        for (int point : text.codePoints().toArray()) {
            String sign = Character.toString(point);
            Optional<PDFont> has = fontOf(face, sign);
            PDFont font = has.orElse(fonts.get(face));
            String set = has.isPresent() ? sign : NOBODY_HAS_IT;
            Stretch last = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
            if (last != null && last.font() == font) {
                stretches.set(stretches.size() - 1, new Stretch(font, last.text() + set));
            } else {
                stretches.add(new Stretch(font, set));
            }
        }
        return stretches;
    }

    /** The typeface that a sign is set in: the wanted one, or the first that has it. */
    private Optional<PDFont> fontOf(CufflinkFonts face, String sign) throws IOException {
        Optional<PDFont> found = known.get(face).get(sign);
        if (found == null) {
            found = has(fonts.get(face), sign) ? Optional.of(fonts.get(face)) : scriptFontOf(sign);
            known.get(face).put(sign, found);
        }
        return found;
    }

    private Optional<PDFont> scriptFontOf(String sign) throws IOException {
        for (ScriptFonts script : ScriptFonts.values()) {
            if (!scripts.containsKey(script)) {
                try (InputStream file = script.open()) {
                    scripts.put(script, PDType0Font.load(document, file, true));
                }
            }
            if (has(scripts.get(script), sign)) {
                return Optional.of(scripts.get(script));
            }
        }
        return Optional.empty();
    }

    private static boolean has(PDFont font, String sign) throws IOException {
        try {
            font.encode(sign);
            return true;
        } catch (IllegalArgumentException missing) {
            return false;
        }
    }

    private double plainWidth(CufflinkFonts face, double size, String text) throws IOException {
        double width = 0;
        for (Stretch stretch : stretches(face, text)) {
            width += stretch.width(size);
        }
        return width;
    }

    /** Width of a line with its fractions set. */
    double width(CufflinkFonts face, double size, String text) throws IOException {
        double width = 0;
        for (FractionText.Run run : FractionText.runs(Scripts.visual(text))) {
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
        for (FractionText.Run run : FractionText.runs(Scripts.visual(text))) {
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
        stream.newLineAtOffset((float) x, (float) y);
        for (Stretch stretch : stretches(face, text)) {
            stream.setFont(stretch.font(), (float) size);
            stream.showText(stretch.text());
        }
        stream.endText();
    }

    /**
     * Breaks a text into lines no wider than the measure, where it is broken already, between words, and within those
     * that are longer.
     */
    List<String> lines(CufflinkFonts face, double size, double measure, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.split("\\R")) {
            lines.addAll(paragraph(face, size, measure, paragraph.replace('\t', ' ')));
        }
        return lines;
    }

    private List<String> paragraph(CufflinkFonts face, double size, double measure, String text) throws IOException {
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
            while (!splitsFraction && width(face, size, line) > measure) {
                int end = fitting(face, size, measure, line);
                lines.add(line.substring(0, end));
                line = line.substring(end);
            }
        }
        lines.add(line);
        return lines;
    }

    /**
     * How much of a line without a place to break between words stands in the measure: up to where its script may be
     * broken, otherwise up to any letter; at least one.
     */
    private int fitting(CufflinkFonts face, double size, double measure, String line) throws IOException {
        for (BreakIterator places : List.of(BreakIterator.getLineInstance(Locale.ROOT),
                BreakIterator.getCharacterInstance(Locale.ROOT))) {
            places.setText(line);
            int fits = 0;
            for (int end = places.next(); end != BreakIterator.DONE && end < line.length()
                    && width(face, size, line.substring(0, end).stripTrailing()) <= measure; end = places.next()) {
                fits = end;
            }
            if (fits > 0) {
                return fits;
            }
        }
        return line.offsetByCodePoints(0, 1);
    }

    /** The finished document; its identifier follows from its title and not from the clock. */
    static byte[] bytes(PDDocument document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.setDocumentId(1L);
        document.save(bytes);
        return bytes.toByteArray();
    }
}
