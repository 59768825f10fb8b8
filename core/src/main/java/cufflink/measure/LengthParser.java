package cufflink.measure;

import cufflink.measure.LengthReading.NotUnderstood;
import cufflink.measure.LengthReading.Understood;
import cufflink.words.LengthWords;
import java.math.BigInteger;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads lengths as people type them: {@code 3 7/8}, {@code 3-7/8}, {@code 3⅞}, {@code 1¹¹⁄₁₆}, {@code 3.875},
 * {@code 3,875}, {@code 3 7/8"}, {@code 98 mm}, {@code 9.8cm}. A comma is a decimal comma, never a thousands mark. The
 * whole text must be used. A fraction that is not a whole number of nanometres (1/3 in) becomes the nearest one.
 */
public final class LengthParser {
    private static final int LONGEST_TEXT = 60;
    private static final Length LIMIT = Length.ofMillimetres(100_000);
    private static final Pattern NUMBER = Pattern.compile(
            "(?<sign>[-+−])?\\s*(?:(?<whole>\\d{1,9})\\s*[-+ ]\\s*(?<n>\\d{1,4})\\s*/\\s*(?<d>\\d{1,4})"
                    + "|(?<n2>\\d{1,9})\\s*/\\s*(?<d2>\\d{1,4})"
                    + "|(?<dec>\\d{1,9}(?:[.,]\\d{1,9})?|[.,]\\d{1,9}))");
    private static final Map<String, Long> UNITS = Map.ofEntries(
            Map.entry("in", 25_400_000L), Map.entry("inch", 25_400_000L), Map.entry("inches", 25_400_000L),
            Map.entry("\"", 25_400_000L), Map.entry("″", 25_400_000L), Map.entry("”", 25_400_000L),
            Map.entry("''", 25_400_000L),
            Map.entry("′′", 25_400_000L),
            Map.entry("mm", 1_000_000L), Map.entry("cm", 10_000_000L), Map.entry("m", 1_000_000_000L));

    private LengthParser() {
    }

    /** Reads one length; a number without a unit is in {@code unit}. */
    public static LengthReading<Length> read(String text, LengthUnit unit) {
        return read(text, unit.symbol());
    }

    /** Reads two or three lengths with × or x between them; a unit written last stands for those that have none. */
    public static LengthReading<List<Length>> readSize(String text, LengthUnit unit) {
        if (text.length() > LONGEST_TEXT) {
            return tooLong();
        }
        String[] parts = text.split("[x×X*]", -1);
        if (parts.length < 2 || parts.length > 3) {
            return new NotUnderstood<>(0, LengthWords.NO_SIZE.of("text", text.strip()));
        }
        String lastUnit = unitBehind(parts[parts.length - 1]);
        String fallback = UNITS.containsKey(lastUnit) ? lastUnit : unit.symbol();
        List<Length> lengths = new ArrayList<>();
        int start = 0;
        for (String part : parts) {
            LengthReading<Length> read = read(part, fallback);
            if (read instanceof NotUnderstood<Length> failed) {
                return new NotUnderstood<>(start + failed.position(), failed.why());
            }
            read.value().ifPresent(lengths::add);
            start += part.length() + 1;
        }
        return new Understood<>(List.copyOf(lengths));
    }

    private static LengthReading<Length> read(String typed, String fallbackUnit) {
        if (typed.length() > LONGEST_TEXT) {
            return tooLong();
        }
        String text = plain(typed);
        if (text.isBlank()) {
            return new NotUnderstood<>(0, LengthWords.NOTHING.of());
        }
        Matcher number = NUMBER.matcher(text);
        int start = text.length() - text.stripLeading().length();
        number.region(start, text.length());
        if (!number.lookingAt()) {
            return new NotUnderstood<>(start,
                    LengthWords.NO_NUMBER.of("text", typed.strip()));
        }
        String unit = text.substring(number.end()).strip().toLowerCase(Locale.ROOT);
        Long size = UNITS.get(unit.isEmpty() ? fallbackUnit : unit);
        if (size == null) {
            return new NotUnderstood<>(number.end(),
                    LengthWords.NO_UNIT.of("unit", unit, "number", number.group().strip()));
        }
        return value(number, size);
    }

    private static LengthReading<Length> value(Matcher number, long unitNanometres) {
        BigInteger numerator;
        BigInteger denominator;
        if (number.group("dec") != null) {
            String[] digits = number.group("dec").replace(',', '.').split("\\.", 2);
            String after = digits.length > 1 ? digits[1] : "";
            numerator = new BigInteger((digits[0].isEmpty() ? "0" : digits[0]) + after);
            denominator = BigInteger.TEN.pow(after.length());
        } else {
            boolean mixed = number.group("whole") != null;
            denominator = new BigInteger(number.group(mixed ? "d" : "d2"));
            if (denominator.signum() == 0) {
                return new NotUnderstood<>(number.end(), LengthWords.NOUGHT_BELOW.of());
            }
            numerator = new BigInteger(number.group(mixed ? "n" : "n2"));
            if (mixed) {
                numerator = new BigInteger(number.group("whole")).multiply(denominator).add(numerator);
            }
        }
        boolean negative = number.group("sign") != null && !number.group("sign").equals("+");
        Length value = Length.nearest(
                (negative ? numerator.negate() : numerator).multiply(BigInteger.valueOf(unitNanometres)),
                denominator.multiply(BigInteger.valueOf(LengthUnit.MILLIMETRE.length().nanometres())),
                LengthUnit.MILLIMETRE);
        return value.abs().isLongerThan(LIMIT)
                ? new NotUnderstood<>(0, LengthWords.NO_PAPER_SO_LONG.of())
                : new Understood<>(value);
    }

    /**
     * Sets typeset fractions out in plain figures: ⅞ and ¹¹⁄₁₆ become 7/8 and 11/16, kept apart from a whole before
     * them.
     */
    private static String plain(String typed) {
        String apart = typed.replace('\u00a0', ' ').replaceAll("(?<=\\d)(?=[¼-¾⅐-⅞⁰¹²³⁴-⁹])", " ");
        return Normalizer.normalize(apart, Normalizer.Form.NFKC).replace('⁄', '/').replace("′′", "″");
    }

    private static String unitBehind(String part) {
        return plain(part).strip().replaceAll("^[-+−\\d\\s./,]*", "").toLowerCase(Locale.ROOT);
    }

    private static <T> LengthReading<T> tooLong() {
        return new NotUnderstood<>(LONGEST_TEXT, LengthWords.TOO_LONG.of());
    }
}
