package cufflink.paper;

import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthReading.NotUnderstood;
import cufflink.measure.LengthReading.Understood;
import cufflink.measure.LengthUnit;
import cufflink.words.LengthWords;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Something that goes into a pocket or that a band goes round, lying flat.
 *
 * @param name      as the maker calls it
 * @param width     the side that lies across
 * @param height    the side that lies upright
 * @param thickness zero where it does not matter
 * @param rim       how thick it is for what closes round it at its sides: its thickness, or less where that is only in
 *                  its middle
 */
public record Contents(String name, Length width, Length height, Length thickness, Length rim) {
    private static final Pattern TIMES = Pattern.compile("(?<=[\\d\"'a-z ])\\s*[xX*×]\\s*(?=\\d)");
    /** ISO/IEC 7810 ID-1. */
    public static final Contents GIFT_CARD = new Contents("gift card", Length.ofMicrometres(85_600),
            Length.ofMicrometres(53_980),
            Length.ofMicrometres(760));
    /** A 4 × 6 in print; common practice. */
    public static final Contents PHOTOGRAPH = new Contents("photograph", Length.ofInches(6), Length.ofInches(4),
            Length.ofMicrometres(250));
    /** A sheet of ISO 216 A7 of 120 g/m² or so; common practice. */
    public static final Contents NOTE = new Contents("note", Length.ofMillimetres(105), Length.ofMillimetres(74),
            Length.ofMicrometres(150));

    /** As thick all over. */
    public Contents(String name, Length width, Length height, Length thickness) {
        this(name, width, height, thickness, thickness);
    }

    public Contents {
        if (!width.isPositive() || !height.isPositive() || thickness.isNegative()) {
            throw new IllegalArgumentException(
                    "width, height and thickness must be positive: " + width + ", " + height + ", " + thickness);
        }
    }

    /** The contents offered by name. */
    public static List<Contents> known() {
        return KnownContents.ALL;
    }

    /**
     * Reads a known name, or a size such as {@code 4 1/4 x 5 1/2 in} or {@code 98 x 65 x 2 mm} (the third is the
     * thickness).
     */
    public static LengthReading<Contents> read(String text, LengthUnit unit) {
        for (Contents item : known()) {
            if (item.name.equalsIgnoreCase(text.strip().replace('-', ' '))) {
                return new Understood<>(item);
            }
        }
        if (!text.matches(".*\\d.*")) {
            return new NotUnderstood<>(0, LengthWords.NO_CONTENTS.of("text", text.strip(), "known",
                    known().stream().map(Contents::name).toList()));
        }
        return LengthParser.readSize(text, unit).then(sides -> {
            Length thickness = sides.size() > 2 ? sides.get(2) : Length.ZERO;
            if (!sides.get(0).isPositive() || !sides.get(1).isPositive() || thickness.isNegative()) {
                return new NotUnderstood<>(0, LengthWords.SIZE_OF_NOTHING.of());
            }
            return new Understood<>(new Contents("piece of " + TIMES.matcher(text.strip()).replaceAll(" × "),
                    sides.get(0), sides.get(1), thickness));
        });
    }

    /** With its size: {@code tag, 2 3/8 × 3 3/4 in, 1.57 mm thick}. */
    public String sized(LengthFormat format) {
        return name + ", " + format.size(width, height) + ", "
                + LengthFormat.of(LengthUnit.MILLIMETRE).text(thickness) + " thick";
    }

    /** The same a quarter turn round. */
    public Contents turned() {
        return new Contents(name, height, width, thickness, rim);
    }

    /** A text that {@link #read} understands as these contents. */
    public String typed() {
        if (known().contains(this)) {
            return name;
        }
        return ExactText.of(width) + " x " + ExactText.of(height) + " x " + ExactText.of(thickness);
    }
}
